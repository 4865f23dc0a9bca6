<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Message;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/**
 * A pattern in iCalendar's words: DTSTART, RRULE, RDATE and EXDATE (RFC 5545, 3.8.5), as dates.
 *
 * Both ways give the same dates. A range that is left out comes back as its dates, and a first date on which the
 * pattern does not fall comes back as the one after it on which it does (a DTSTART that its rule does not name is no
 * date of the pattern; RFC 5545 leaves that open).
 */
final readonly class Recurrence
{
    /**
     * @param  list<LocalDate>  $also  RDATE
     * @param  list<LocalDate>  $not  EXDATE
     */
    public function __construct(
        public LocalDate $start,
        /** RRULE, its UNTIL as a date; null for dates that do not repeat. */
        public ?string $rule,
        public array $also = [],
        public array $not = [],
    ) {}

    /** @throws PatternNotValid when the pattern falls on no date */
    public static function of(Pattern $pattern): self
    {
        if ($pattern instanceof Adjusted) {
            return self::ofAdjusted($pattern);
        }
        if ($pattern instanceof OnDates) {
            return new self($pattern->dates[0], null, array_slice($pattern->dates, 1));
        }
        $rule = match (true) {
            $pattern instanceof Weekly => self::rule(
                'WEEKLY',
                $pattern->everyWeeks,
                'BYDAY',
                array_map(static fn(Weekday $day): string => $day->ical(), $pattern->days),
            ),
            $pattern instanceof Monthly => self::monthly($pattern),
            default => throw PatternNotValid::cannotSay($pattern::class),
        };
        $start = $pattern->startingAt($pattern->first())?->first() ?? throw PatternNotValid::nothingLeft();
        $ending = match (true) {
            $pattern->ending->times !== null => ';COUNT=' . $pattern->ending->times,
            $pattern->ending->until !== null => ';UNTIL=' . str_replace('-', '', (string) $pattern->ending->until),
            default => '',
        };

        return new self($start, $rule . $ending);
    }

    private static function ofAdjusted(Adjusted $pattern): self
    {
        $plain = self::of($pattern->pattern);
        $not = [];
        foreach ($pattern->without->ranges as $range) {
            array_push($not, ...$pattern->pattern->dates($range->first, $range->last->plusDays(1)));
        }
        $added = array_map(strval(...), $pattern->plus);
        $also = array_values(
            array_filter(
                $pattern->plus,
                static fn(LocalDate $date): bool => $pattern->pattern->dates($date, $date->plusDays(1)) === [],
            ),
        );

        // iCalendar takes an EXDATE for stronger than an RDATE; here it is what is added that counts.
        return new self(
            $plain->start,
            $plain->rule,
            [...$plain->also, ...$also],
            array_values(
                array_filter($not, static fn(LocalDate $date): bool => !in_array((string) $date, $added, true)),
            ),
        );
    }

    /** @throws PatternNotValid when the rule says more than a block's patterns can */
    public function pattern(): Pattern
    {
        $without = Dates::of(...array_map(DateRange::day(...), $this->not));
        if ($this->rule === null) {
            return Adjusted::of(OnDates::of($this->start, ...$this->also), $without);
        }
        $pattern = $this->repeating(Rrule::parse($this->rule), $this->rule);

        return Adjusted::of($pattern, $without, $this->also);
    }

    private function repeating(Rrule $rule, string $text): Repeating
    {
        $ending = match (true) {
            $rule->count !== null => Ending::times($rule->count),
            $rule->until !== null => Ending::until(
                LocalDate::of(
                    (int) substr($rule->until, 0, 4),
                    (int) substr($rule->until, 4, 2),
                    (int) substr($rule->until, 6, 2),
                ),
            ),
            default => Ending::never(),
        };
        $numbered = array_filter($rule->byDay, static fn(array $day): bool => $day[1] !== 0) !== [];
        $weekdays = array_map(static fn(array $day): Weekday => Weekday::from($day[0]), $rule->byDay);
        $limits = array_keys($rule->by);

        return match (true) {
            $rule->frequency === 'DAILY' && $rule->interval === 1 && $limits === [] && !$numbered => Weekly::on(
                $weekdays === [] ? Weekday::cases() : $weekdays,
                $this->start,
                $ending,
            ),
            $rule->frequency === 'WEEKLY' &&
                $limits === [] &&
                !$numbered &&
                ($rule->weekStart === 1 || $rule->interval === 1)
                => Weekly::on(
                $weekdays === [] ? [$this->start->weekday()] : $weekdays,
                $this->start,
                $ending,
                $rule->interval,
            ),
            $rule->frequency === 'MONTHLY' && $limits === ['BYMONTHDAY'] && $rule->byDay === [] => Monthly::on(
                array_map(MonthDay::date(...), $rule->by['BYMONTHDAY']),
                $this->start,
                $ending,
                $rule->interval,
            ),
            $rule->frequency === 'MONTHLY' && $limits === [] && $rule->byDay === [] => Monthly::on(
                [MonthDay::date($this->start->parts()[2])],
                $this->start,
                $ending,
                $rule->interval,
            ),
            $rule->frequency === 'MONTHLY' && $limits === [] && $numbered => Monthly::on(
                array_map(
                    static fn(array $day): MonthDay => MonthDay::nth($day[1], Weekday::from($day[0])),
                    $rule->byDay,
                ),
                $this->start,
                $ending,
                $rule->interval,
            ),
            default => throw PatternNotValid::cannotSay($text),
        };
    }

    private static function monthly(Monthly $pattern): string
    {
        $dates = $nths = [];
        foreach ($pattern->days as $day) {
            $day->weekday === null
                ? ($dates[] = (string) $day->number)
                : ($nths[] = $day->number . $day->weekday->ical());
        }
        if ($dates !== [] && $nths !== []) {
            throw PatternNotValid::cannotSay(Message::of('given.both_month_days'));
        }

        return $dates === []
            ? self::rule('MONTHLY', $pattern->everyMonths, 'BYDAY', $nths)
            : self::rule('MONTHLY', $pattern->everyMonths, 'BYMONTHDAY', $dates);
    }

    /** @param  list<string>  $values */
    private static function rule(string $frequency, int $interval, string $by, array $values): string
    {
        return "FREQ=$frequency" . ($interval === 1 ? '' : ";INTERVAL=$interval") . ";$by=" . implode(',', $values);
    }
}
