<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** What one visitor, or one student, has booked already. */
final readonly class Claims
{
    /** @param  list<Engagement>  $engagements all of their meetings, on whichever sheet */
    public function __construct(
        /** How many of them on this sheet. */
        public int $onThisSheet = 0,
        public array $engagements = [],
        /** How many of those on this sheet are somebody else's: another guardian's of the same student. */
        public int $byOthers = 0,
        /** @var list<Span> when those on this sheet are */
        public array $onThisSheetAt = [],
    ) {}

    public function isNone(): bool
    {
        return $this->onThisSheet === 0 && $this->engagements === [];
    }
}
