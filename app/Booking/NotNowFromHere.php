<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;

/** Many bookings of addresses that have not answered come from one network just now. */
final class NotNowFromHere extends Refused {}
