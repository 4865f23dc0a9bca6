<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\World;

/** A sheet that is a draft, paused or closed gives out nothing. */
final readonly class SheetIs implements Standing
{
    private function __construct(private Because $because) {}

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

    public function againstAll(World $world): Reason
    {
        return new Reason($this->because, $this->because === Because::SheetDraft ? State::NotYetOpen : State::Closed);
    }
}
