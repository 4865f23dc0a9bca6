<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HostRole;
use App\Models\SheetKind;
use App\Sheets\Questions;
use App\Sheets\SheetRules;
use Recess\Slots\Block;

/** A sheet as its worksheet states it, already known to be possible. */
final readonly class SheetStatement
{
    /**
     * @param  non-empty-list<Block>  $blocks
     * @param  non-empty-list<PlaceStatement>  $places
     * @param  array<int, HostRole>  $colleagues  by staff member
     */
    public function __construct(
        public string $title,
        public string $intro,
        public array $blocks,
        public array $places,
        public Questions $questions,
        public SheetRules $rules,
        public SheetKind $kind = SheetKind::Conferences,
        public bool $joining = false,
        public array $colleagues = [],
    ) {
    }
}
