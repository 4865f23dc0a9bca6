<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Slots\Block;

/** What a quick line was understood to say. */
final readonly class Said
{
    /**
     * @param  non-empty-list<Block>  $blocks
     * @param  list<Note>  $notes
     */
    public function __construct(public array $blocks, public array $notes) {}

    /** The line that says the same with nothing to fill in; null for what no line can say. */
    public function line(): string
    {
        return implode('; ', array_map(QuickPrint::line(...), $this->blocks));
    }
}
