<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A sheet that is a draft, paused or closed gives out nothing. */
final readonly class SheetIs implements Rule
{
    private function __construct(private Because $because)
    {
    }

    public static function draft(): self
    {
        return new self(Because::SheetDraft);
    }

    public static function paused(): self
    {
        return new self(Because::SheetPaused);
    }

    public static function closed(): self
    {
        return new self(Because::SheetClosed);
    }

    public function against(Span $slot, Situation $situation): Reason
    {
        return new Reason($this->because, $this->because === Because::SheetDraft ? State::NotYetOpen : State::Closed);
    }
}
