<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;

/** A meeting that somebody wants: where it is, and the times at which it can be had. */
final readonly class Wanted
{
    /** @param  list<Span>  $slots  in any order; place null where nobody has to walk: phone, video */
    public function __construct(public string $id, public ?string $place, public array $slots) {}
}
