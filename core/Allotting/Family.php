<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Between;
use Recess\Time\Span;

/** Who has wishes, and can be in one meeting at a time. */
final readonly class Family
{
    /**
     * @param  list<Span>  $windows  in which they can come
     * @param  list<Wish>  $wishes
     * @param  Between|null  $between  where they need longer between two meetings than others do
     */
    public function __construct(
        public string $id,
        public array $windows,
        public array $wishes,
        public ?Between $between = null,
    ) {}
}
