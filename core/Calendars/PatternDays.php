<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;
use Recess\Repeat\Ending;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\PatternNotValid;
use Recess\Repeat\Weekly;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** A pattern on some days of the week alone, because iCalendar has one pair of hours to a repeat. */
final class PatternDays
{
    /**
     * @param  list<Weekday>  $days
     *
     * @throws PatternNotValid for a repeat without end that is not weekly, which cannot be said so
     */
    public static function only(Pattern $pattern, array $days): ?Pattern
    {
        if ($pattern instanceof Weekly) {
            $left = array_values(
                array_filter($pattern->days, static fn(Weekday $day): bool => in_array($day, $days, true)),
            );
            $last = $pattern->last();

            // A count is of all the days together, so the part is told by its last date.
            return $left === []
                ? null
                : Weekly::on(
                    $left,
                    $pattern->first,
                    $last === null ? Ending::never() : Ending::until($last),
                    $pattern->everyWeeks,
                )->startingAt($pattern->first);
        }
        $last = $pattern->last() ?? throw PatternNotValid::cannotSay(Message::of('given.monthly_hours'));
        $dates = array_values(
            array_filter(
                $pattern->dates($pattern->first(), $last->plusDays(1)),
                static fn(LocalDate $date): bool => in_array($date->weekday(), $days, true),
            ),
        );

        return $dates === [] ? null : OnDates::of(...$dates);
    }
}
