<?php

declare(strict_types=1);

namespace Recess\Quick;

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
                sprintf('Meetings of %d minutes cannot begin every %d minutes.', $this->said->minutes, $step),
            );
        }
        $this->said->step = $step;
    }

    public function length(?int $minutes): void
    {
        $token = $this->words->peek();
        if ($minutes === null) {
            throw QuickNotReadable::at($token, 'Minutes are needed here, such as /15.');
        }
        if ($this->said->minutes !== null && $this->said->minutes !== $this->said->step) {
            throw QuickNotReadable::at(
                $this->words->tokenAt($this->words->mark() - 1),
                'The length of a meeting is said twice.',
            );
        }
        $this->said->minutes = $minutes;
    }

    public function gap(): void
    {
        $this->words->taken('of');
        $this->said->gap =
            $this->lengths->minutes(bare: true) ??
            throw QuickNotReadable::at($this->words->peek(), 'A number of minutes is needed here, such as gap 5.');
    }

    public function times(int $times, Token $token): void
    {
        $this->said->ending = QuickNotReadable::unless($token, static fn(): Ending => Ending::times($times));
    }

    public function lasting(int $weeks, Token $token): void
    {
        if ($weeks < 1 || $weeks > 520) {
            throw QuickNotReadable::at($token, 'It can go on for 1 to 520 weeks.');
        }
        $this->said->ending = Ending::until(
            ($this->said->from ?? ($this->from ?? $this->context->today))->plusDays(7 * $weeks - 1),
        );
    }
}
