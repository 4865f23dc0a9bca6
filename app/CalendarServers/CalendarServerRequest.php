<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Words;
use App\School\StaffRequest;

/** Where somebody's calendars are, and as whom they are read there. */
final class CalendarServerRequest extends StaffRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'address' => ['required', 'string', 'max:1000', 'regex:#^(?:https?://)?[^\s/:@?\#]+(?::\d+)?(?:/\S*)?$#i'],
            'name' => ['required', 'string', 'max:200', 'not_regex:/[:\x00-\x1f]/'],
            'password' => ['required', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['address.regex' => Words::say('servers.not_https')];
    }
}
