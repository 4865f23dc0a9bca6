<?php

declare(strict_types=1);

namespace App\School;

/** What the office sets for the school. */
final class SchoolRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $range = static fn (string $list): array => [
            $list => ['present', 'array', 'max:500'],
            "$list.*.name" => ['required', 'string', 'max:80'],
            "$list.*.first" => ['required', 'date_format:Y-m-d'],
            "$list.*.last" => ['required', 'date_format:Y-m-d', "after_or_equal:$list.*.first"],
        ];

        return [
            'name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'zone' => ['required', 'timezone:all'],
            'country' => ['required', 'string', 'size:2', 'alpha:ascii'],
            'travel_minutes' => ['required', 'integer', 'between:0,120'],
        ] + $range('terms') + $range('closed_days');
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return ['country' => $this->string('country')->upper()->toString()] + $this->validated();
    }
}
