<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Records\BlockReader;
use Recess\Rules\Stated;
use Recess\Slots\Block as CoreBlock;

/**
 * One school-wide conference event: what the sheets of all who are in it have in common.
 *
 * @property int $id
 * @property int $school_id
 * @property string $slug
 * @property string $title
 * @property string $intro
 * @property SheetState $state
 * @property list<array<string, mixed>> $blocks as Recess\Records\BlockRecord writes them
 * @property Stated $rules
 * @property Questions $questions
 * @property bool $families whether it is for families alone, whom the school knows
 * @property list<int> $classes of these classes' families alone; empty for all
 * @property int $version
 * @property CarbonImmutable|null $published_at
 * @property School $school
 * @property Collection<int, Sheet> $sheets
 */
final class Round extends Row
{
    protected $table = 'rounds';

    protected $guarded = [];

    protected $attributes = ['state' => 'draft', 'intro' => '', 'families' => true, 'classes' => '[]', 'version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SheetState::class, 'blocks' => 'array', 'rules' => StatedRules::class, 'questions' => Questions::class, 'families' => 'boolean', 'classes' => 'array',
            'published_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return HasMany<Sheet, $this> one for each who is in it, once it is published */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class);
    }

    /** @return list<CoreBlock> */
    public function coreBlocks(): array
    {
        return array_map(BlockReader::read(...), $this->blocks);
    }

    public function link(): string
    {
        return url("/r/$this->slug");
    }

    /** Its link in a letter to whoever holds this pass. */
    public function linkFor(Pass $pass): string
    {
        return $this->link().'?'.http_build_query(['pass' => $pass->token()]);
    }
}
