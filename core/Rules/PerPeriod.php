<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\World;

/** A visitor may book so often on this sheet in one week (Monday to Sunday, as ISO 8601 counts them), and in one month. */
final readonly class PerPeriod implements Declared, Rule
{
    public function __construct(private Zone $zone, private ?int $perWeek, private ?int $perMonth) {}

    public function against(Span $slot, World $world): ?Reason
    {
        $date = $this->zone->dateAt($slot->start);
        $dates = array_map(
            fn(Span $one): LocalDate => $this->zone->dateAt($one->start),
            $world->asker->visitor->onThisSheetAt,
        );
        $same = static fn(\Closure $period): int => count(
            array_filter($dates, static fn(LocalDate $one): bool => $period($one) === $period($date)),
        );

        return match (true) {
            $this->perWeek !== null && $same(self::week(...)) >= $this->perWeek => new Reason(
                Because::VisitorHadWeek,
                State::Closed,
            ),
            $this->perMonth !== null && $same(self::month(...)) >= $this->perMonth => new Reason(
                Because::VisitorHadMonth,
                State::Closed,
            ),
            default => null,
        };
    }

    public static function terms(): array
    {
        return [Term::whole('per_week', 1, 20)->orNone(), Term::whole('per_month', 1, 50)->orNone()];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        [$week, $month] = [$stated->wholeOrNone('per_week'), $stated->wholeOrNone('per_month')];

        return $week === null && $month === null ? null : new self($sheet->zone, $week, $month);
    }

    /** The Monday of a date's week. */
    private static function week(LocalDate $date): int
    {
        return $date->day - $date->weekday()->value + 1;
    }

    private static function month(LocalDate $date): string
    {
        return substr((string) $date, 0, 7);
    }
}
