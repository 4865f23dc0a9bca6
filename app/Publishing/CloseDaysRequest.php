<?php

declare(strict_types=1);

namespace App\Publishing;

use App\School\SchoolRequest;
use App\School\StaffRequest;

/** All closed days of the school, as they are to be. */
final class CloseDaysRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return SettlementInput::rules() + SchoolRequest::ranges('closed_days');
    }

    /** @return list<array{name: string, first: string, last: string}> */
    public function closedDays(): array
    {
        $days = [];
        foreach ((array) $this->input('closed_days') as $one) {
            if (is_array($one)) {
                $days[] = [
                    'name' => (string) $one['name'],
                    'first' => (string) $one['first'],
                    'last' => (string) $one['last'],
                ];
            }
        }

        return $days;
    }

    public function settlement(): Settlement
    {
        return SettlementInput::of($this) ?? new Settlement([], '', SettlementInput::within($this));
    }
}
