<?php

declare(strict_types=1);

namespace App\School;

use App\Models\PlaceKind;
use Illuminate\Validation\Rule;

/** A place to use again and again. */
final class SavedPlaceRequest extends StaffRequest
{
    /** The office alone adds places for everybody. */
    public function authorize(): bool
    {
        return !$this->boolean('school') || $this->writer()->office;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'school' => ['boolean'],
            'kind' => ['required', Rule::enum(PlaceKind::class)],
            'label' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'link' => ['nullable', 'string', 'max:2000', 'url:http,https'],
            'directions' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'school_id' => $this->writer()->school_id,
            'staff_id' => $this->boolean('school') ? null : $this->writer()->id,
            'kind' => PlaceKind::from($this->string('kind')->toString()),
            'label' => $this->string('label')->toString(),
            'link' => $this->filled('link') ? $this->string('link')->toString() : null,
            'directions' => $this->string('directions')->toString(),
        ];
    }
}
