<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\Span;
use Recess\World;

/** Booking closes for all slots at one moment. */
final readonly class Closes implements Declared, Ends, Standing
{
    /** @param  int  $at the first instant at which it is no longer open */
    public function __construct(private int $at) {}

    public function againstAll(World $world): ?Reason
    {
        return $world->now >= $this->at ? new Reason(Because::NoLongerOpen, State::Closed) : null;
    }

    public static function terms(): array
    {
        return [Term::moment('closes_at')->orNone()->after('opens_at')];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $at = $stated->instantOrNone('closes_at', $sheet->zone);

        return $at === null ? null : new self($at);
    }

    public function lastInstant(Span $slot): int
    {
        return $this->at - 1;
    }
}
