<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\World;

/** A visitor may book so often on this sheet. */
final readonly class PerVisitor implements Declared, Standing
{
    public function __construct(private int $most) {}

    public function againstAll(World $world): ?Reason
    {
        return $world->asker->visitor->onThisSheet >= $this->most
            ? new Reason(Because::VisitorHasEnough, State::Closed)
            : null;
    }

    public static function terms(): array
    {
        return [Term::whole('per_visitor', 1, 100, 6)->orNone()];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $most = $stated->wholeOrNone('per_visitor');

        return $most === null ? null : new self($most);
    }
}
