<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Repeat\Ending;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;

/** What is left out, and dates that are added. */
final class ExceptWords extends Part
{
    public function __construct(Reading $reading, private readonly DayWords $days)
    {
        parent::__construct($reading);
    }

    public function except(): void
    {
        $words = $this->words;
        while ($words->taken('except', 'not', 'on', 'in', 'the', 'during', 'for', 'from', ',')) {
        }
        $ended = $words->tokenAt($words->mark() - 1)->is('without', 'no');
        if ($ended && ($words->phrase('an end') || $words->taken('end'))) {
            $this->said->ending = Ending::never();

            return;
        }
        if ($ended && $words->taken('gap', 'gaps', 'break', 'breaks')) {
            $this->said->gap = 0;

            return;
        }
        $token = $words->peek();
        if (
            $words->phrase('school holidays') ||
            $words->phrase('public holidays') ||
            $words->phrase('bank holidays') ||
            $words->phrase('closed days') ||
            $words->taken('holidays', 'holiday', 'vacation', 'vacations')
        ) {
            $this->said->notes[] = new Note(Message::of('quick.closed_days'), $token->position);

            return;
        }
        $hours = $this->pause();
        if ($hours !== null) {
            $this->said->pauses[] = $hours;

            return;
        }
        $dates = $this->dates->countingFrom(
            $this->from?->isBefore($this->context->today) === true ? $this->from : $this->context->today,
        );
        $ranges = $dates->ranges();
        if ($ranges !== null) {
            $this->said->except = $this->said->except->with(Dates::of(...$ranges));

            return;
        }
        $days = [];
        while (($some = $this->days->weekdays()) !== []) {
            array_push($days, ...$some);
            $words->peek()->is(',', 'and', '&') && Names::weekday($words->peek(1)->text) !== null && $words->take();
        }
        $days === [] ? $dates->someRanges() : $this->said->leaveOut($days);
    }

    /** "except 17:30-18:00", "without 12-13": a pause in each day, where it is no date. */
    private function pause(): ?Hours
    {
        $mark = $this->words->mark();
        $hours = $this->clock->hours();
        if ($hours === null || Names::month($this->words->peek()->text) !== null) {
            $this->words->backTo($mark);

            return null;
        }

        return $hours;
    }

    public function plus(): void
    {
        $this->words->taken('on');
        array_push(
            $this->said->plus,
            ...array_merge(
                ...array_map(static fn(DateRange $range): array => $range->dates(), $this->dates->someRanges()),
            ),
        );
    }
}
