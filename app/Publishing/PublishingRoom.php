<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Room;

/** The worksheet, sheets, and edits with whom they hit. */
final class PublishingRoom extends Room {}
