<?php

declare(strict_types=1);

namespace Recess\Rules;

/** Why a slot cannot be had, the most useful to be told first. */
enum Because: string
{
    case Past = 'it has begun or is over';
    case SheetDraft = 'the sheet is not published';
    case SheetPaused = 'the sheet is paused';
    case SheetClosed = 'the sheet is closed';
    case SlotClosed = 'the host has closed this time';
    case NoSeat = 'every seat is taken';
    case HostBusy = 'the host is not free';
    case NotLongEnough = 'the times after it that the meeting needs are not free';
    case NoInterpreter = 'no interpreter of their language is free then';
    case DayFull = 'the host has enough meetings that day';
    case NoLongerOpen = 'booking has closed';
    case TooSoon = 'it is too soon';
    case VisitorHasEnough = 'this visitor has booked often enough here';
    case VisitorHadWeek = 'this visitor has booked often enough in that week';
    case VisitorHadMonth = 'this visitor has booked often enough in that month';
    case VisitorHadTerm = 'this visitor has booked often enough in that term';
    case StudentHasEnough = 'this student has been booked often enough here';
    case VisitorElsewhere = 'this visitor is elsewhere then, or cannot get there in time';
    case StudentElsewhere = 'this student is elsewhere then, or cannot get there in time';
    case NotAtPlace = 'it is not at the place that was chosen';
    case NotOpenYet = 'booking has not opened';
    case TooFarAhead = 'it is too far ahead';

    /** Whether it is about the student alone. */
    public function isOfStudent(): bool
    {
        return $this === self::StudentHasEnough || $this === self::StudentElsewhere;
    }

    /** What a host may pass over: their own rules for others, and not the clock, the seats, or where people are. */
    public function hostMayPass(): bool
    {
        return match ($this) {
            self::SheetDraft,
            self::SheetPaused,
            self::SheetClosed,
            self::DayFull,
            self::NoLongerOpen,
            self::TooSoon,
            self::VisitorHasEnough,
            self::VisitorHadWeek,
            self::VisitorHadMonth,
            self::VisitorHadTerm,
            self::StudentHasEnough,
            self::NotOpenYet,
            self::TooFarAhead
                => true,
            self::Past,
            self::SlotClosed,
            self::NoSeat,
            self::HostBusy,
            self::NotLongEnough,
            self::NoInterpreter,
            self::VisitorElsewhere,
            self::StudentElsewhere,
            self::NotAtPlace
                => false,
        };
    }
}
