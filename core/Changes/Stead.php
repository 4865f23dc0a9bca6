<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** A time that a displaced meeting could have instead. */
final readonly class Stead
{
    /** @param  string|null  $place  where it is; null where nobody has to walk */
    public function __construct(public string $host, public ?string $place, public Span $span) {}
}
