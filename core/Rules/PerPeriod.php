<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\World;

/**
 * A visitor may book so often on this sheet in one week (Monday to Sunday, as ISO 8601 counts them), in one month, and in
 * one of the school's terms. Between terms nothing counts by them.
 */
final readonly class PerPeriod implements Declared, Rule
{
    /** @param  list<DateRange>  $terms */
    public function __construct(
        private Zone $zone,
        private ?int $perWeek,
        private ?int $perMonth,
        private ?int $perTerm = null,
        private array $terms = [],
    ) {}

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
            $this->perTerm !== null && $this->term($date) !== null && $same($this->term(...)) >= $this->perTerm
                => new Reason(Because::VisitorHadTerm, State::Closed),
            default => null,
        };
    }

    public static function terms(): array
    {
        return [
            Term::whole('per_week', 1, 20)->orNone(),
            Term::whole('per_month', 1, 50)->orNone(),
            Term::whole('per_term', 1, 100)->orNone(),
        ];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        [$week, $month, $term] = array_map($stated->wholeOrNone(...), ['per_week', 'per_month', 'per_term']);

        return $week === null && $month === null && $term === null
            ? null
            : new self($sheet->zone, $week, $month, $term, $sheet->terms);
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

    /** Which of the terms a date is in, by its first day; null between them. */
    private function term(LocalDate $date): ?int
    {
        foreach ($this->terms as $term) {
            if ($term->holds($date)) {
                return $term->first->day;
            }
        }

        return null;
    }
}
