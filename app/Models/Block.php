<?php

declare(strict_types=1);

namespace App\Models;

use Recess\Records\BlockReader;
use Recess\Records\BlockRecord;
use Recess\Slots\Block as CoreBlock;

/**
 * A block as it is kept; the core's Block does the work.
 *
 * @property int $id
 * @property array<string, mixed> $record as Recess\Records\BlockRecord writes it
 */
final class Block extends Row
{
    protected $table = 'blocks';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['record' => 'array'];
    }

    /** @return array<string, mixed> the columns that keep this block */
    public static function columnsOf(CoreBlock $block): array
    {
        return ['record' => BlockRecord::of($block)];
    }

    public function toCore(): CoreBlock
    {
        return BlockReader::read($this->record);
    }
}
