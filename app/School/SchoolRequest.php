<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Asked;
use App\Models\PhoneNumber;

/** What the office sets for the school. */
final class SchoolRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'zone' => ['required', 'timezone:all'],
            'country' => ['required', 'string', 'size:2', 'alpha:ascii'],
            'phone' => [
                'present',
                'nullable',
                'string',
                'max:40',
                new PhoneNumber(mb_strtoupper(Asked::word($this, 'country'))),
            ],
            'confirm_addresses' => ['required', 'boolean'],
            'guardians_apart' => ['sometimes', 'boolean'],
            'office_second_factor' => ['sometimes', 'boolean'],
            'mail_sign_in' => ['sometimes', 'boolean'],
            'keep_days' => ['sometimes', 'required', 'integer', 'between:7,3650'],
            'log_days' => ['sometimes', 'required', 'integer', 'between:31,3650'],
            'travel_minutes' => ['required', 'integer', 'between:0,120'],
            'quiet_minutes' => ['sometimes', 'required', 'integer', 'between:0,120'],
            'ways' => ['sometimes', 'array', 'max:100'],
            'ways.*' => ['array:from,to,minutes'],
            'ways.*.from' => ['required', 'string', 'max:80'],
            'ways.*.to' => ['required', 'string', 'max:80'],
            'ways.*.minutes' => ['required', 'integer', 'between:0,120'],
        ] + self::ranges('terms');
    }

    /** @return array<string, list<mixed>> of a list of named ranges of dates */
    public static function ranges(string $list): array
    {
        return [
            $list => ['present', 'array', 'max:500'],
            "$list.*.name" => ['required', 'string', 'max:80'],
            "$list.*.first" => ['required', 'date_format:Y-m-d'],
            "$list.*.last" => ['required', 'date_format:Y-m-d', "after_or_equal:$list.*.first"],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $country = $this->string('country')->upper()->toString();
        $phone = $this->string('phone')->trim()->toString();

        return ['country' => $country, 'phone' => $phone === '' ? '' : PhoneNumber::written($phone, $country)] +
            $this->validated();
    }
}
