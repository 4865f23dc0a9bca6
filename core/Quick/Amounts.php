<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Repeat\Ending;

/** How long a meeting is, how far apart they begin, how often. */
final class Amounts extends Part
{
    public function step(int $step, Token $token): void
    {
        if ($this->said->minutes === null) {
            $this->said->minutes = $step;
        } elseif ($step < $this->said->minutes) {
            throw QuickNotReadable::at(
                $token,
                Message::of('quick.step_too_small', minutes: $this->said->minutes, step: $step),
            );
        }
        $this->said->step = $step;
    }

    public function length(?int $minutes): void
    {
        $token = $this->words->peek();
        if ($minutes === null) {
            throw QuickNotReadable::at($token, Message::of('quick.minutes_needed'));
        }
        if ($this->said->minutes !== null && $this->said->minutes !== $this->said->step) {
            throw QuickNotReadable::at(
                $this->words->tokenAt($this->words->mark() - 1),
                Message::of('quick.length_twice'),
            );
        }
        $this->said->minutes = $minutes;
    }

    public function gap(): void
    {
        $this->words->taken('of');
        $this->said->gap =
            $this->lengths->minutes(bare: true) ??
            throw QuickNotReadable::at($this->words->peek(), Message::of('quick.gap_needed'));
    }

    public function times(int $times, Token $token): void
    {
        $this->said->ending = QuickNotReadable::unless($token, static fn(): Ending => Ending::times($times));
    }

    public function lasting(int $weeks, Token $token): void
    {
        if ($weeks < 1 || $weeks > 520) {
            throw QuickNotReadable::at($token, Message::of('quick.weeks'));
        }
        $this->said->ending = Ending::until(
            ($this->said->from ?? ($this->from ?? $this->context->today))->plusDays(7 * $weeks - 1),
        );
    }
}
