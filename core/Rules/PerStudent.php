<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\World;

/** A student may be booked so often on this sheet. */
final readonly class PerStudent implements Declared, Standing
{
    public function __construct(private int $most)
    {
    }

    public function againstAll(World $world): ?Reason
    {
        return $world->asker->student->onThisSheet >= $this->most ? new Reason(Because::StudentHasEnough, State::Closed) : null;
    }

    public static function terms(): array
    {
        return [Term::whole('per_student', 1, 100)->orNone()];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $most = $stated->wholeOrNone('per_student');

        return $most === null ? null : new self($most);
    }
}
