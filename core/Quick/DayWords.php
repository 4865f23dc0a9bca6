<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Repeat\MonthDay;
use Recess\Time\Weekday;

/** Days of the week and of the month. */
final class DayWords extends Part
{
    /** @return list<Weekday> one, or from one to another: mon-fri */
    public function weekdays(): array
    {
        $words = $this->words;
        // mo-fr: two letters are sure enough where both ends have them.
        $first =
            $words->peek(1)->is('-') && Names::shortWeekday($words->peek(2)->text) !== null
                ? Names::shortWeekday($words->peek()->text)
                : null;
        $first === null || $words->take();
        $first ??= $words->weekday();
        if ($first === null) {
            return [];
        }
        $mark = $this->words->mark();
        $last = $this->words->taken('-', 'to', 'through', 'until')
            ? $this->words->weekday() ?? $this->shortWeekday()
            : null;
        if ($last === null) {
            $this->words->backTo($mark);
            // tue/thu
            $this->words->peek()->is('/') &&
                Names::weekday($this->words->peek(1)->text) !== null &&
                $this->words->take();

            return [$first];
        }
        $days = [];
        for ($day = $first->value; ; $day = ($day % 7) + 1) {
            $days[] = Weekday::from($day);
            if ($day === $last->value) {
                return $days;
            }
        }
    }

    private function shortWeekday(): ?Weekday
    {
        $day = Names::shortWeekday($this->words->peek()->text);
        $day === null || $this->words->take();

        return $day;
    }

    /** @return list<MonthDay> "first and third monday", "15th", "last day", "2nd & 4th tue of the month" */
    public function monthDays(): array
    {
        $words = $this->words;
        $token = $words->peek();
        $numbers = [];
        for ($mark = $words->mark(); ($number = Names::ordinal($words->peek()->text)) !== null; ) {
            $words->take();
            // "2nd last fri"
            $numbers[] = $number > 1 && $words->taken('last') ? -$number : $number;
            $mark = $words->mark();
            while ($words->taken(',', 'and', '&', '+', '/', 'the')) {
            }
        }
        $words->backTo($mark);
        $weekdays = [];
        while (($day = $words->weekday()) !== null) {
            $weekdays[] = $day;
            $mark = $words->mark();
            while ($words->taken(',', 'and', '&', '/')) {
            }
        }
        $words->backTo($mark);
        $weekdays === [] && $words->taken('day', 'days');
        foreach (
            ['of the month', 'of every month', 'of each month', 'every month', 'each month', 'in the month', 'of month']
            as $phrase
        ) {
            $words->phrase($phrase);
        }
        $days = [];
        foreach ($numbers as $number) {
            foreach ($weekdays === [] ? [null] : $weekdays as $day) {
                $days[] = QuickNotReadable::unless(
                    $token,
                    static fn(): MonthDay => $day === null ? MonthDay::date($number) : MonthDay::nth($number, $day),
                );
            }
        }

        return $days;
    }
}
