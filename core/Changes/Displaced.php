<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** A meeting that cannot be where it was, and where it could be instead. */
final readonly class Displaced
{
    /**
     * @param  string  $family  who is in one meeting at a time
     * @param  list<Stead>  $steads  each around what else the family and the host have
     */
    public function __construct(public string $family, public string $host, public Span $span, public array $steads) {}
}
