<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;

/** Something that cannot be done from a pass, and why. */
final class PassRefused extends Refused {}
