<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** How far from their own day people may be moved by proposal; further away only by hand. */
enum Within: string
{
    case SameDay = 'same day';
    case SameWeek = 'same week';
    case Anywhere = 'anywhere';

    public function allows(Span $from, Span $to, Zone $zone): bool
    {
        $days = [$zone->dayAt($from->start), $zone->dayAt($to->start)];

        return match ($this) {
            self::SameDay => $days[0] === $days[1],
            self::SameWeek => self::monday($days[0]) === self::monday($days[1]),
            self::Anywhere => true,
        };
    }

    private static function monday(int $day): int
    {
        return $day - LocalDate::weekdayOf($day);
    }
}
