<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\LinkMode;
use App\Models\PlaceKind;

/** One place of a sheet as its worksheet states it. */
final readonly class PlaceStatement
{
    public function __construct(
        public PlaceKind $kind,
        public string $label,
        public ?string $link = null,
        public string $directions = '',
        public LinkMode $linkMode = LinkMode::One,
        /** The place of the sheet that this was, if it was one. */
        public ?int $id = null,
    ) {}

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'kind' => $this->kind,
            'label' => $this->label,
            'link' => $this->kind === PlaceKind::Video && $this->linkMode === LinkMode::One ? $this->link : null,
            'link_mode' => $this->linkMode,
            'directions' => $this->directions,
        ];
    }
}
