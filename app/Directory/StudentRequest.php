<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\School\StaffRequest;
use Illuminate\Validation\Rule;

/** A student as the office types one, with those who look after them. */
final class StudentRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $school = $this->writer()->school;

        return [
            'name' => ['bail', 'required', 'string', new PersonName()],
            'number' => ['bail', 'present', 'nullable', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'classes' => ['present', 'array', 'max:40'],
            'classes.*' => ['bail', 'required', 'string', 'max:120', 'not_regex:/[\r\n]/', 'distinct'],
            'guardians' => ['present', 'array', 'max:8'],
            'guardians.*.id' => [
                'nullable',
                'integer',
                Rule::exists('guardians', 'id')->where('school_id', $school->id),
            ],
            'guardians.*.name' => ['bail', 'required', 'string', new PersonName()],
            'guardians.*.email' => ['bail', 'present', 'nullable', 'string', new MailAddress()],
            'guardians.*.phone' => [
                'bail',
                'present',
                'nullable',
                'string',
                'max:40',
                new PhoneNumber($school->country),
            ],
            'guardians.*.language' => [
                'bail',
                'present',
                'nullable',
                'string',
                'max:35',
                'regex:/^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/D',
            ],
            'guardians.*.may_book' => ['required', 'boolean'],
        ];
    }

    /** @return array{name: string, number: string|null, classes: list<string>, guardians: list<array{id: int|null, name: string, email: string|null, phone: string, language: string, may_book: bool}>} */
    public function student(): array
    {
        $country = $this->writer()->school->country;
        $text = static fn(mixed $value): string => is_string($value) ? trim($value) : '';
        $guardians = [];
        foreach ($this->array('guardians') as $one) {
            $phone = $text($one['phone'] ?? '');
            $guardians[] = [
                'id' => is_numeric($one['id'] ?? null) ? (int) $one['id'] : null,
                'name' => $text($one['name'] ?? ''),
                'email' => MailAddress::of($one['email'] ?? null),
                'phone' => $phone === '' ? '' : PhoneNumber::written($phone, $country),
                'language' => $text($one['language'] ?? ''),
                'may_book' => filter_var($one['may_book'] ?? false, FILTER_VALIDATE_BOOL),
            ];
        }

        return [
            'name' => $this->string('name')->trim()->toString(),
            'number' => $text($this->input('number')) ?: null,
            'classes' => array_values(array_map($text(...), $this->array('classes'))),
            'guardians' => $guardians,
        ];
    }
}
