<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\HostRole;
use App\Models\Questions;
use App\Models\Sheet;
use App\Models\SheetKind;
use Recess\Hosts;
use Recess\Rules\Stated;
use Recess\Sheet as CoreSheet;
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
        public Stated $rules,
        public SheetKind $kind = SheetKind::Conferences,
        public bool $joining = false,
        public array $colleagues = [],
        public ForWhom $forWhom = new ForWhom(),
    ) {}

    /** The sheet as the core would judge it, were this written on it now. */
    public function onto(Sheet $sheet): CoreSheet
    {
        $was = $sheet->toCore();
        $places = [];
        foreach ($this->places as $i => $place) {
            // A place that is new has no number yet.
            $places[$place->id ?? -1 - $i] = $place->kind->spot($place->label);
        }

        return new CoreSheet(
            zone: $was->zone,
            blocks: $this->blocks,
            hosts: Hosts::of(
                $sheet->staff_id,
                array_keys($this->colleagues, HostRole::Any, true),
                array_keys($this->colleagues, HostRole::Must, true),
            ),
            rules: $this->rules,
            places: $places,
            closedDays: $was->closedDays,
            joining: $this->joining,
            seatsAdded: $was->seatsAdded,
            slotsClosed: $was->slotsClosed,
            travel: $was->travel,
        );
    }
}
