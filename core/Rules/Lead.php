<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\Span;
use Recess\World;

/** The least time between booking and meeting. */
final readonly class Lead implements Clear, Declared, Ends, Rule
{
    /** @param  int  $minutes of elapsed time; exactly that long before is still in time */
    public function __construct(private int $minutes) {}

    public function against(Span $slot, World $world): ?Reason
    {
        return $slot->start - $world->now < $this->minutes * 60 ? new Reason(Because::TooSoon, State::TooSoon) : null;
    }

    public static function terms(): array
    {
        return [Term::whole('lead_minutes', 0, 525_600, 1440)->unless('lead_days')];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $minutes = $stated->wholeOrNone('lead_minutes');

        return $minutes === null ? null : new self($minutes);
    }

    public function lastInstant(Span $slot): int
    {
        return $slot->start - $this->minutes * 60;
    }

    public function clear(World $world): array
    {
        return [$world->now + $this->minutes * 60, PHP_INT_MAX];
    }
}
