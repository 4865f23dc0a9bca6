<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\World;

/** Booking opens for all slots at one moment. */
final readonly class Opens implements Declared, Standing
{
    /** @param  int  $at the first instant at which it is open */
    public function __construct(private int $at) {}

    public function againstAll(World $world): ?Reason
    {
        return $world->now < $this->at ? new Reason(Because::NotOpenYet, State::NotYetOpen, $this->at) : null;
    }

    public static function terms(): array
    {
        return [Term::moment('opens_at')->orNone()];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $at = $stated->instantOrNone('opens_at', $sheet->zone);

        return $at === null ? null : new self($at);
    }
}
