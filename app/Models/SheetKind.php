<?php

declare(strict_types=1);

namespace App\Models;

/** What a sheet is for. */
enum SheetKind: string
{
    case Conferences = 'conferences';
    case OfficeHours = 'office hours';
    case Other = 'other';
    /** Not written by anybody: the small sheet on which a knock's meeting is booked. It stands in no list, and nobody visits it. */
    case Knock = 'knock';

    /** @return list<self> those that somebody writes */
    public static function written(): array
    {
        return [self::Conferences, self::OfficeHours, self::Other];
    }
}
