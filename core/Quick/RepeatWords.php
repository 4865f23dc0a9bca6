<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Time\Weekday;

/** "every tue", "every other tue", "every 2 weeks", "every 10 minutes", "every first monday". */
final class RepeatWords extends Part
{
    public function __construct(Reading $reading, private readonly Amounts $amounts, private readonly DayWords $days)
    {
        parent::__construct($reading);
    }

    /** "every tue", "every other tue", "every 2 weeks", "every 10 minutes", "every day", "every first monday". */
    public function every(): void
    {
        $words = $this->words;
        $mark = $words->mark();
        if ($words->taken('day')) {
            $this->said->addDays(Weekday::cases());

            return;
        }
        if ($words->phrase('school day') || $words->taken('weekday')) {
            $this->said->addDays(array_slice(Weekday::cases(), 0, 5));

            return;
        }
        $step = $this->lengths->minutes();
        if ($step !== null) {
            $this->amounts->step($step, $words->tokenAt($mark));

            return;
        }
        $token = $words->peek();
        $ordinal = Names::ordinal($token->text);
        $number = $words->taken('other', 'second') ? 2 : $ordinal ?? Names::count($token->text);
        if ($number !== null && !$words->tokenAt($words->mark() - 1)->is('other', 'second')) {
            $words->take();
        }
        if ($words->taken('week', 'weeks', 'month', 'months')) {
            $this->said->every = $number ?? 1;
        } elseif ($ordinal !== null && ($this->everyOfMonth($mark) || $ordinal < 2)) {
            $words->backTo($mark);
            $this->said->addDays($this->days->monthDays());
        } elseif (
            $number === null &&
            (Names::weekday($words->peek()->text) !== null || Names::ordinal($words->peek()->text) !== null)
        ) {
            return;
        } elseif ($number !== null && Names::weekday($words->peek()->text) !== null) {
            $this->everyOther($number, $ordinal !== null && !$token->is('other'), $mark);
        } elseif ($words->peek()->is('day', 'days') && $number !== null) {
            throw QuickNotReadable::at($token, Message::of('quick.every_days', number: $number));
        } else {
            throw QuickNotReadable::at($words->peek(), Message::of('quick.every_what'));
        }
    }

    /** "every 2nd tue" is every other week; the second one of each month is one press away. */
    private function everyOther(int $weeks, bool $ordinal, int $mark): void
    {
        $words = $this->words;
        $this->said->every = $weeks;
        if ($ordinal) {
            $which = $words->tokenAt($mark)->typed();
            $day = Names::weekday($words->peek()->text) ?? '';
            $this->said->notes[] = new Note(
                Message::of('quick.every_other', which: $which, day: $day, weeks: $weeks),
                $words->tokenAt($mark)->position,
                $words->instead($mark - 1, $which),
                Message::of('quick.of_each_month', which: $which, day: $day),
            );
        }
    }

    /** Whether several ordinals, a date of the month or "of the month" follow: then it is the month's. */
    private function everyOfMonth(int $mark): bool
    {
        $words = $this->words;
        $after = $words->mark();
        $words->backTo($mark);
        $days = $this->days->monthDays();
        $found =
            (count($days) > 1 && $days[0]->number !== $days[1]->number) ||
            ($days[0]->weekday ?? null) === null ||
            $words->tokenAt($words->mark() - 1)->is('month');
        $words->backTo($after);

        return $found;
    }
}
