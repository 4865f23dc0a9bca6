<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\Room;

/** What comes between a round and its evening: somebody is away, an evening is moved, all of it goes on by video. */
final class ReplanningRoom extends Room {}
