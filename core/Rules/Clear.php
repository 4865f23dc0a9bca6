<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\World;

/** A rule of time that has nothing against any slot which begins within some stretch: there it need not be asked. */
interface Clear
{
    /** @return array{int, int} the first instant at which a slot may begin, and the last */
    public function clear(World $world): array;
}
