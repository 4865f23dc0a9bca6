<?php

declare(strict_types=1);

namespace App\Versions;

use App\Framework\Room;

/** What people write on sheets and rounds, in further languages. */
final class VersionsRoom extends Room {}
