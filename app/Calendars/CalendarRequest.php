<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Words;
use App\School\StaffRequest;
use Illuminate\Http\UploadedFile;

/** A calendar to add: a file, or the address of a feed. */
final class CalendarRequest extends StaffRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'address' => [
                'required_without:file',
                'nullable',
                'string',
                'max:2000',
                'regex:#^(?:https?|webcals?)://#i',
            ],
            'file' => ['nullable', 'file', 'max:10240'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'address.regex' => Words::say('calendars.not_http'),
            'address.required_without' => Words::say('calendars.address_or_file'),
            'file.max' => Words::say('calendars.file_most', ['megabytes' => 10]),
        ];
    }

    public function text(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }
}
