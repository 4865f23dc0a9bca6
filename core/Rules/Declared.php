<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;

/** A rule that a host states: its fields with their bounds and defaults, and the rule that comes of them. */
interface Declared
{
    /** @return non-empty-list<Term> */
    public static function terms(): array;

    /** Null where what is stated rules nothing out. */
    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null;
}
