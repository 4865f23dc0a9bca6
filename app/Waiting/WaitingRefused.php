<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Framework\Refused;

/** Nobody can be put in line here, and why. */
final class WaitingRefused extends Refused {}
