<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\World;

/** A student may be booked so often on this sheet. */
final readonly class PerStudent implements Declared, Standing
{
    /** @param  bool  $eachGuardian  whether those who book for one student on passes of their own have so many each */
    public function __construct(private int $most, private bool $eachGuardian = false) {}

    public function againstAll(World $world): ?Reason
    {
        $about = $world->asker->student;

        return $about->onThisSheet - ($this->eachGuardian ? $about->byOthers : 0) >= $this->most
            ? new Reason(Because::StudentHasEnough, State::Closed)
            : null;
    }

    public static function terms(): array
    {
        return [Term::whole('per_student', 1, 100)->orNone(), Term::yes('each_guardian')];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $most = $stated->wholeOrNone('per_student');

        return $most === null ? null : new self($most, $stated->yes('each_guardian'));
    }
}
