<?php

declare(strict_types=1);

namespace Tests\Core;

use Random\Randomizer;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/** Any block that the quick line can say, made up by chance. */
final class MadeUpBlock
{
    public static function by(Randomizer $chance): Block
    {
        $date = static fn(): LocalDate => LocalDate::parse('2026-11-24')->plusDays($chance->getInt(0, 700));
        $stretches = static function () use ($chance): Stretches {
            $from = $chance->getInt(0, 600);
            $first = Hours::lasting(LocalTime::ofMinute($from), $chance->getInt(60, 200));

            return $chance->getInt(0, 2) > 0
                ? Stretches::of($first)
                : Stretches::of(
                    $first,
                    Hours::lasting(LocalTime::ofMinute($from + $first->minutes + $chance->getInt(0, 90)), 60),
                );
        };
        $ending = match ($chance->getInt(0, 2)) {
            0 => Ending::never(),
            1 => Ending::times($chance->getInt(1, 99)),
            default => Ending::until(LocalDate::parse('2029-06-01')),
        };
        $days = array_map(
            static fn(int $key): Weekday => Weekday::from($key + 1),
            $chance->pickArrayKeys(range(1, 7), $chance->getInt(1, 7)),
        );
        $kind = $chance->getInt(0, 2);
        $pattern = match ($kind) {
            0 => OnDates::of($date(), $date(), $date()),
            1 => Weekly::on($days, $date(), $ending, $chance->getInt(1, 6)),
            default => Monthly::on(
                [
                    MonthDay::nth([1, 2, 3, 4, 5, -1][$chance->getInt(0, 5)], $days[0]),
                    MonthDay::date($chance->getInt(1, 31)),
                ],
                $date(),
                $ending,
                $chance->getInt(1, 6),
            ),
        };
        // A count that days are left out of is said by its last date, so it does not come back as a count.
        if ($ending->times === null && $chance->getInt(0, 1) === 1) {
            $first = $date();
            $pattern = Adjusted::of(
                $pattern,
                Dates::of(DateRange::of($first, $first->plusDays($chance->getInt(0, 20))), DateRange::day($date())),
                $chance->getInt(0, 1) === 1 ? [$date(), $date()] : [],
            );
        }
        $block = Block::of($pattern, $stretches(), Cut::of($chance->getInt(1, 60), $chance->getInt(0, 1) * 5));
        foreach ($kind === 1 && $chance->getInt(0, 1) === 1 ? $days : [] as $day) {
            $other = $stretches();
            if ($chance->getInt(0, 1) === 1 && $other != $block->usual) {
                $block = $block->onWeekday($day, $other);
            }
        }

        return $block;
    }
}
