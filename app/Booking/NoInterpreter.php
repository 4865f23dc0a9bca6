<?php

declare(strict_types=1);

namespace App\Booking;

/** The time is free, but nobody who speaks the family's language is then. Nothing was changed. */
final class NoInterpreter extends NoSeatLeft {}
