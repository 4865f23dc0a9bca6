<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PlaceKind;
use Recess\Repeat\OnDates;
use Recess\Slots\Cut;
use Recess\Time\Hours;

/** A sheet as its worksheet states it, already known to be possible. */
final readonly class SheetStatement
{
    public function __construct(
        public string $title,
        public string $intro,
        public OnDates $pattern,
        public Hours $hours,
        public Cut $cut,
        public PlaceKind $placeKind,
        public string $placeLabel,
        public ?string $placeLink,
        public string $directions,
        public int $seats,
        /** Minutes. */
        public int $lead,
    ) {
    }
}
