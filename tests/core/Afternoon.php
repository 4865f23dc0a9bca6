<?php

declare(strict_types=1);

namespace Tests\Core;

use Recess\Hosts;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Sheet;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\Timetable;

/** Four slots of 15 minutes from 16:00 to 17:00 on 3 December 2026, in UTC, with host 1. */
final class Afternoon
{
    public const DAY = '2026-12-03';

    public const OWNER = 1;

    /**
     * @param  array<string, mixed>  $rules  besides that anything goes at any time
     * @param  array<string, mixed>  $more  of Sheet's other parts
     */
    public static function sheet(array $rules = [], array $more = []): Sheet
    {
        $block = Block::of(
            OnDates::of(LocalDate::parse(self::DAY)),
            Hours::between(LocalTime::of(16), LocalTime::of(17)),
            Cut::of(15),
        );

        return new Sheet(
            ...$more + [
                'zone' => Zone::of('UTC'),
                'blocks' => [$block],
                'hosts' => Hosts::of(self::OWNER),
                'rules' => Stated::of($rules + ['lead_minutes' => 0, 'furthest_days' => null]),
            ],
        );
    }

    public static function at(string $time): int
    {
        return (int) strtotime(self::DAY . "T$time:00Z");
    }

    public static function span(string $from, string $until): Span
    {
        return Span::of(self::at($from), self::at($until));
    }

    public static function slot(string $from): Span
    {
        return Span::of(self::at($from), self::at($from) + 900);
    }

    public static function states(Timetable $timetable): string
    {
        return implode(
            ', ',
            array_map(static fn($offer): string => $offer->verdict->state->value, $timetable->offers()),
        );
    }
}
