<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Languages;
use Illuminate\Validation\Rule;

/** What a staff member sets for themselves. */
final class MeRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'title' => ['nullable', 'string', 'max:120'],
            'subject' => ['required', 'string', 'max:120'],
            'zone' => ['nullable', 'timezone:all'],
            'clock' => ['required', Rule::in(['auto', '12', '24'])],
            'language' => ['nullable', Rule::in(Languages::offered())],
            'notify' => ['required', Rule::in(['each', 'daily', 'never'])],
            'tentative_busy' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'title' => $this->string('title')->toString(),
            'zone' => $this->filled('zone') ? $this->string('zone')->toString() : null,
            'language' => $this->filled('language') ? $this->string('language')->toString() : null,
        ] +
            array_intersect_key(
                $this->validated(),
                array_flip(['name', 'subject', 'clock', 'notify', 'tentative_busy']),
            );
    }
}
