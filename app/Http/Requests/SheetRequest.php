<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\SheetStatement;
use App\Models\PlaceKind;
use Illuminate\Validation\Rule;

/** The whole worksheet. */
final class SheetRequest extends WhenRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'title' => ['required', 'string', 'max:120'],
            'intro' => ['nullable', 'string', 'max:4000'],
            'place_kind' => ['required', Rule::enum(PlaceKind::class)],
            'place_label' => ['required', 'string', 'max:120'],
            'place_link' => ['nullable', 'required_if:place_kind,video', 'string', 'max:2000', 'url:http,https'],
            'directions' => ['nullable', 'string', 'max:500'],
            'seats' => ['required', 'integer', 'between:1,500'],
            'lead_hours' => ['required', 'integer', 'between:0,8760'],
        ];
    }

    public function statement(): SheetStatement
    {
        $kind = PlaceKind::from($this->string('place_kind')->toString());

        return new SheetStatement(
            title: $this->string('title')->toString(),
            intro: $this->string('intro')->toString(),
            pattern: $this->pattern(),
            hours: $this->hours(),
            cut: $this->cut(),
            placeKind: $kind,
            placeLabel: $this->string('place_label')->toString(),
            placeLink: $kind === PlaceKind::Video ? $this->string('place_link')->toString() : null,
            directions: $this->string('directions')->toString(),
            seats: $this->integer('seats'),
            lead: $this->integer('lead_hours') * 60,
        );
    }
}
