<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Time\LocalDate;

/** Reads one date, in whatever way it is written, and the year that it leaves unsaid. */
final class OneDate
{
    /** @var list<Note> */
    public array $notes = [];

    /** @param  LocalDate  $anchor  a date without a year is the next such date from here */
    public function __construct(
        private readonly Words $words,
        private readonly Context $context,
        private readonly Forks $forks,
        private readonly LocalDate $anchor,
    ) {}

    /**
     * One date, in whatever way it is written; null, and nothing taken, when the next words are none.
     *
     * @throws QuickNotReadable when they look like a date that there is not
     */
    public function date(): ?LocalDate
    {
        $words = $this->words;
        $token = $words->peek();
        if ($words->taken('today')) {
            return $this->context->today;
        }
        if ($words->taken('tomorrow')) {
            return $this->context->today->plusDays(1);
        }
        if ($token->is(...Feasts::NAMES)) {
            $words->take();
            $date = Feasts::next($token->text, $this->anchor);
            $this->notes[] = new Note(Message::of('quick.feast', feast: $token->text, date: $date), $token->position);

            return $date;
        }
        if (preg_match('#^(?:\d+[-/]\d+(?:[-/]\d+)?|\d+\.\d+\.\d*)$#D', $token->text) === 1) {
            $date = $this->inDigits($token);
            $date === null || $words->take();

            return $date;
        }
        $mark = $words->mark();
        [$one, $two] = [$words->take()->text, $words->take()->text];
        $two = $two === 'of' ? $words->take()->text : $two;
        [$day, $month] = [Names::dayNumber($one), Names::month($two)];
        if ($day === null || $month === null) {
            [$month, $day] = [Names::month($one), Names::dayNumber($two)];
        }
        if ($day === null || $month === null) {
            $words->backTo($mark);

            return null;
        }

        return $this->withYear($token, $day, $month, $this->year());
    }

    /** Digits alone. Two numbers before the year, or without one, may be day and month or month and day. */
    private function inDigits(Token $token): ?LocalDate
    {
        $parts = array_map(intval(...), preg_split('#[-/.]#', rtrim($token->text, '.')) ?: []);
        if (preg_match('/^\d{4}/', $token->text) === 1) {
            return QuickNotReadable::unless(
                $token,
                static fn(): LocalDate => LocalDate::of($parts[0], $parts[1] ?? 0, $parts[2] ?? 0),
            );
        }
        if (count($parts) < 2) {
            return null;
        }
        $year = isset($parts[2]) ? ($parts[2] < 100 ? 2000 + $parts[2] : $parts[2]) : null;
        $dotted = str_contains($token->text, '.');
        $orders = $this->context->writesMonthFirst() && !$dotted ? [[1, 0], [0, 1]] : [[0, 1], [1, 0]];
        $possible = array_values(
            array_filter(
                $orders,
                static fn(array $order): bool => $parts[$order[1]] >= 1 &&
                    $parts[$order[1]] <= 12 &&
                    $parts[$order[0]] >= 1 &&
                    $parts[$order[0]] <= 31,
            ),
        );
        if ($possible === []) {
            throw QuickNotReadable::at($token, Message::of('quick.no_such_digits', typed: $token->text));
        }
        $dates = array_map(
            fn(array $order): LocalDate => $this->withYear($token, $parts[$order[0]], $parts[$order[1]], $year),
            $possible,
        );
        // Dots part day, month and year everywhere they are used.
        if (count($dates) === 1 || $dotted || $dates[0]->equals($dates[1])) {
            return $dates[0];
        }
        foreach ([0, 1] as $way) {
            if ($dates[1 - $way]->isBefore($this->context->today) && !$dates[$way]->isBefore($this->context->today)) {
                $this->notes[] = new Note(
                    Message::of('quick.other_is_past', typed: $token->text, date: $dates[$way], past: $dates[1 - $way]),
                    $token->position,
                );

                return $dates[$way];
            }
        }

        return $dates[$this->forks->at('order of day and month', Message::of('quick.which_date', typed: $token->text))];
    }

    /** A year, unless it is the start of a stretch: "3 dec 2000-2100" are hours. */
    public function year(): ?int
    {
        $words = $this->words;
        $mark = $words->mark();
        $words->taken(',');
        if (
            preg_match('/^(?:19|20|21)\d{2}$/D', $words->peek()->text) === 1 &&
            !($words->peek(1)->is('-', 'to') && preg_match('/^\d{4}$|[:.h]/', $words->peek(2)->text) === 1)
        ) {
            return $words->take()->number();
        }
        $words->backTo($mark);

        return null;
    }

    /**
     * @param  int|null  $year  null where none is said: the first from the anchor on in which there is that day
     *
     * @throws QuickNotReadable
     */
    public function withYear(Token $first, int $day, int $month, ?int $year): LocalDate
    {
        // A leap day may be up to eight years away.
        $from = $this->anchor->parts()[0];
        foreach ($year === null ? range($from, $from + 8) : [$year] as $one) {
            if (
                checkdate($month, $day, $one) &&
                ($year !== null || !LocalDate::of($one, $month, $day)->isBefore($this->anchor))
            ) {
                return $this->noted(LocalDate::of($one, $month, $day), $year === null, $first);
            }
        }

        throw QuickNotReadable::at(
            $first,
            Message::of(
                'quick.no_such_day',
                day: $day,
                month: Message::of('quick.month', number: $month),
                year: (string) ($year ?? 'any'),
            ),
        );
    }

    /** Says which year was meant, where this year's has only just gone by. */
    private function noted(LocalDate $date, bool $filledIn, Token $token): LocalDate
    {
        [$year, $month, $day] = $date->parts();
        $passed = $filledIn && checkdate($month, $day, $year - 1) ? LocalDate::of($year - 1, $month, $day) : null;
        if (
            $passed !== null &&
            $passed->isBefore($this->context->today) &&
            $this->context->today->day - $passed->day <= 120 &&
            $this->anchor->equals($this->context->today)
        ) {
            $this->notes[] = new Note(
                Message::of(
                    'quick.day_is_past',
                    day: $day,
                    month: Message::of('quick.month', number: $month),
                    date: $date,
                ),
                $token->position,
            );
        }

        return $date;
    }
}
