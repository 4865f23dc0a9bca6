<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\Span;
use Recess\World;

/** No earlier than so many days before the meeting. */
final readonly class FurthestAhead implements Clear, Declared, Rule
{
    /** @param  int  $days of 24 hours; exactly that long before is already in time */
    public function __construct(private int $days) {}

    public function against(Span $slot, World $world): ?Reason
    {
        $opens = $slot->start - $this->days * 86_400;

        return $world->now < $opens ? new Reason(Because::TooFarAhead, State::NotYetOpen, $opens) : null;
    }

    public static function terms(): array
    {
        return [Term::whole('furthest_days', 1, 1000, 60)->orNone()];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $days = $stated->wholeOrNone('furthest_days');

        return $days === null ? null : new self($days);
    }

    public function clear(World $world): array
    {
        return [0, $world->now + $this->days * 86_400];
    }
}
