<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;

/** A sheet that cannot be thrown away, and why. */
final class StillNeeded extends Refused {}
