<?php

declare(strict_types=1);

namespace App\Booking;

/** Between the look and the grab the last seat of the slot went to somebody else. */
class NoSeatLeft extends \RuntimeException {}
