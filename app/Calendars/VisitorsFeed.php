<?php

declare(strict_types=1);

namespace App\Calendars;

/** Fetches a calendar at an address that a visitor gave: from the public internet alone, whatever the school allows to its staff. */
interface VisitorsFeed extends CalendarFeed {}
