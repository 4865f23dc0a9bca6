<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;

/** What a quick line may leave unsaid. */
final readonly class Context
{
    /** @param  array<string, DateRange>  $terms the school's terms by name, in lower case: "autumn term" */
    public function __construct(
        /** Dates without a year are the next such date from here; a repeat without a first date begins here. */
        public LocalDate $today,
        public array $terms = [],
        /** On which no block falls: "10 times" counts what takes place. */
        public ?Dates $closedDays = null,
        /** ISO 3166-1: whether 3/12 is more likely in December or in March. */
        public string $country = '',
        /** BCP 47: in which it is typed; English can be typed always. */
        public string $language = 'en',
    ) {}

    /** Whether the country writes the month first (Unicode CLDR, short dates in English). */
    public function writesMonthFirst(): bool
    {
        if (preg_match('/^[A-Za-z]{2}$/D', $this->country) !== 1) {
            return false;
        }
        $short = \IntlDateFormatter::create(
            'en_' . strtoupper($this->country),
            \IntlDateFormatter::SHORT,
            \IntlDateFormatter::NONE,
        )?->getPattern();

        return is_string($short) && str_starts_with($short, 'M');
    }

    /** The term that a date lies in, or else the next one. */
    public function termAt(LocalDate $date): ?DateRange
    {
        $terms = array_filter($this->terms, static fn(DateRange $term): bool => !$term->last->isBefore($date));
        usort($terms, static fn(DateRange $a, DateRange $b): int => $a->first->day <=> $b->first->day);

        return $terms[0] ?? null;
    }
}
