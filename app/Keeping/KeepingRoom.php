<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Room;

/** What is kept of people, for how long, and who did what. */
final class KeepingRoom extends Room {}
