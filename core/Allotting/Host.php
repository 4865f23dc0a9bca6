<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Time\Span;

/** Somebody whose times are allotted. */
final readonly class Host
{
    /**
     * @param  string|null  $place  where they are; null where nobody has to walk
     * @param  list<Span>  $slots  one meeting each, none overlapping another
     * @param  int|null  $most  meetings on one date
     */
    public function __construct(
        public string $id,
        public ?string $place,
        public array $slots,
        public ?int $most = null,
    ) {}
}
