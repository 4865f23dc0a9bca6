<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Repeat\Ending;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** From when until when it goes on: a first day, an end, a term, a month, "next tuesday". */
final class PeriodWords extends Part
{
    /** A first day without a year that lies no further back, in days, is this year's. */
    private const JUST_PASSED = 183;

    public function __construct(Reading $reading, private readonly Amounts $amounts)
    {
        parent::__construct($reading);
    }

    public function from(): void
    {
        $words = $this->words;
        $words->taken('from', 'on');
        $hours = $this->clock->hours();
        if ($hours !== null) {
            $this->said->addHours($hours);

            return;
        }
        $token = $words->peek();
        $term = $this->dates->term();
        if ($term !== null) {
            $this->said->from = $term->first;

            return;
        }
        $month = Names::month($token->text);
        if ($month !== null && Names::dayNumber($words->peek(1)->text) === null) {
            $words->take();
            $this->said->from = $this->monthAt($month)->first;

            return;
        }
        $mark = $words->mark();
        $words->taken('next', 'this');
        $day = $words->weekday();
        if ($day !== null && $this->dates->date() === null) {
            $this->said->from = self::onOrAfter($day, $this->context->today->plusDays(1));

            return;
        }
        $words->backTo($mark);
        $this->said->from = $this->closest($this->dates->one(), $mark);
    }

    /** A first day that has only just gone by is this year's, and that is said. */
    private function closest(LocalDate $date, int $mark): LocalDate
    {
        [$year, $month, $day] = $date->parts();
        $passed = $year > 1 && checkdate($month, $day, $year - 1) ? LocalDate::of($year - 1, $month, $day) : null;
        $typed = $this->words->since($mark);
        if (
            $passed === null ||
            preg_match('/\d{4}|today|tomorrow/', $typed) === 1 ||
            !$passed->isBefore($this->context->today) ||
            $this->context->today->day - $passed->day > self::JUST_PASSED
        ) {
            return $date;
        }
        $this->dates->forgetNotes();
        $this->said->notes[] = new Note(
            Message::of('quick.first_day', date: $passed),
            $this->words->tokenAt($mark)->position,
            $this->words->instead($mark, (string) $date),
            Message::of('quick.date', date: $date),
        );

        return $passed;
    }

    private static function onOrAfter(Weekday $day, LocalDate $date): LocalDate
    {
        return $date->plusDays(($day->value - $date->weekday()->value + 7) % 7);
    }

    public function until(): void
    {
        $words = $this->words;
        $token = $words->peek();
        $mark = $words->mark();
        $words->taken('the');
        $end = $words->phrase('end of') || $words->phrase('end of the');
        $words->taken('the');
        $term =
            $this->dates->term() ??
            ($words->taken('term') ? $this->context->termAt($this->from ?? $this->context->today) : null);
        if ($term !== null) {
            $this->said->ending = Ending::until($term->last);

            return;
        }
        $dates = $this->dates->countingFrom(
            $this->from?->isAfter($this->context->today) === true ? $this->from : $this->context->today,
        );
        $month = Names::month($words->peek()->text);
        if ($month !== null && Names::dayNumber($words->peek(1)->text) === null) {
            $words->take();
            $this->untilMonth($month, $end, $mark);

            return;
        }
        if ($end) {
            throw QuickNotReadable::at($words->peek(), Message::of('quick.end_of_what'));
        }
        $this->said->ending = Ending::until($dates->date() ?? $this->dates->one());
        $token->text === '' && throw QuickNotReadable::at($token, Message::of('quick.end_needed'));
    }

    /** "until may": to the end of it, which is said. */
    private function untilMonth(int $month, bool $end, int $mark): void
    {
        $words = $this->words;
        $today = $this->from?->isAfter($this->context->today) === true ? $this->from : $this->context->today;
        $range = $this->monthAt($month, $today);
        $first = LocalDate::fromDay($range->last->day - $range->last->parts()[2] + 1);
        $last = $range->last;
        $before = $first->plusDays(-1);
        $this->said->ending = Ending::until($last);
        $end ||
            $before->isBefore($today) ||
            ($this->said->notes[] = new Note(
                Message::of('quick.until_month', month: Message::of('quick.month', number: $month), last: $last),
                $words->tokenAt($mark)->position,
                $words->instead($mark, (string) $before),
                Message::of('quick.until', last: $before),
            ));
    }

    /** "for ever", "for 10 weeks", "for 15 minutes" */
    public function for(): void
    {
        $token = $this->words->peek();
        if ($this->words->taken('ever')) {
            $this->said->ending = Ending::never();

            return;
        }
        $count = Names::count($token->text);
        if ($count !== null && $this->words->peek(1)->is('times', 'weeks', 'week')) {
            $this->words->take();
            $this->words->take()->is('times')
                ? $this->amounts->times($count, $token)
                : $this->amounts->lasting($count, $token);

            return;
        }
        $this->amounts->length($this->lengths->minutes());
    }

    /** "in autumn term", "in december", "in 15-minute meetings" */
    public function in(): void
    {
        $words = $this->words;
        $token = $words->peek();
        $words->taken('the');
        $term = $this->dates->term() ?? ($words->taken('term') ? $this->context->termAt($this->context->today) : null);
        if ($term !== null) {
            $this->inTerm($term);

            return;
        }
        $month = Names::month($words->peek()->text);
        if ($month !== null) {
            $words->take();
            $this->inTerm($this->monthAt($month));

            return;
        }
        $minutes = $this->lengths->minutes();
        if ($minutes !== null) {
            $this->amounts->length($minutes);

            return;
        }
        $known = array_keys($this->context->terms);
        $nearest = Names::nearest($token->text, $known) ?? ($known[0] ?? null);
        throw QuickNotReadable::at($token, Message::of('quick.no_such_term', nearest: $nearest ?? 'unknown'));
    }

    /** The month of that name that is under way or comes next, or that of the year that follows; from today on. */
    private function monthAt(int $month, ?LocalDate $from = null): DateRange
    {
        $from ??= $this->context->today;
        $year =
            preg_match('/^(?:19|20|21)\d{2}$/D', $this->words->peek()->text) === 1
                ? (int) $this->words->take()->text
                : $from->parts()[0] + ($month < $from->parts()[1] ? 1 : 0);
        $first = LocalDate::of($year, $month, 1);
        $last = LocalDate::of($month === 12 ? $year + 1 : $year, ($month % 12) + 1, 1)->plusDays(-1);

        return DateRange::of($first->isBefore($from) && !$last->isBefore($from) ? $from : $first, $last);
    }

    public function inTerm(DateRange $term): void
    {
        $this->said->from = $term->first;
        $this->said->ending = Ending::until($term->last);
    }

    /** "next tuesday", "this friday", "next week", "this term" */
    public function soon(int $next): void
    {
        $words = $this->words;
        $today = $this->context->today;
        $token = $words->peek();
        $monday = $today->plusDays(1 - $today->weekday()->value);
        if ($words->taken('week')) {
            $this->inTerm(
                $next === 1
                    ? DateRange::of($monday->plusDays(7), $monday->plusDays(13))
                    : DateRange::of($today, $monday->plusDays(6)),
            );

            return;
        }
        if ($words->taken('term')) {
            $term = $this->context->termAt($today);
            $term =
                $term !== null && $next === 1 && !$term->first->isAfter($today)
                    ? $this->context->termAt($term->last->plusDays(1))
                    : $term;
            $this->inTerm($term ?? throw QuickNotReadable::at($token, Message::of('quick.no_term')));

            return;
        }
        do {
            $mark = $words->mark();
            $token = $words->peek();
            $day = $words->weekday() ?? throw QuickNotReadable::at($token, Message::of('quick.next_what'));
            $this->soonOn($day, $next, $mark);
            $more = $words->peek()->is(',', 'and', '&') && Names::weekday($words->peek(1)->text) !== null;
            $more && $words->take();
        } while ($more);
    }

    private function soonOn(Weekday $day, int $next, int $mark): void
    {
        $today = $this->context->today;
        $date = self::onOrAfter($day, $today->plusDays($next));
        $this->said->addDays([DateRange::day($date)]);
        if ($next === 0) {
            return;
        }
        $position = $this->words->tokenAt($mark)->position;
        $other = $date->plusDays(7);
        $sameWeek = $date->day <= $today->day + 7 - $today->weekday()->value;
        $this->said->notes[] = $sameWeek
            ? new Note(
                Message::of('quick.next_read_as', day: $day, date: $date),
                $position,
                $this->words->instead(
                    $this->words->tokenAt($mark - 1)->is('next') ? $mark - 1 : $mark,
                    (string) $other,
                ),
                Message::of('quick.date', date: $other),
            )
            : new Note(Message::of('quick.next_is', day: $day, date: $date), $position);
    }
}
