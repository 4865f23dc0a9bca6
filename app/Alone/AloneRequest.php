<?php

declare(strict_types=1);

namespace App\Alone;

use App\Models\PersonName;
use App\Models\School;
use App\Models\StaffMember;
use App\School\NewPassword;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** All that a tutor says to begin: who they are, on which clock, and their weekly hours. */
final class AloneRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $person = (new StaffMember([
            'name' => is_string($this->input('name')) ? $this->input('name') : '',
            'email' => '',
            'subject' => '',
        ]))->setRelation('school', new School(['name' => '']));

        return [
            'name' => ['bail', 'required', 'string', new PersonName()],
            'subject' => ['bail', 'required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'zone' => ['bail', 'required', 'string', 'timezone:all'],
            'country' => ['bail', 'required', 'string', 'size:2', 'alpha:ascii'],
            'password' => ['bail', 'required', 'string', new NewPassword($person)],
            'minutes' => ['bail', 'required', 'integer', 'between:5,240'],
            'place' => ['required', 'array'],
            'place.kind' => ['required', Rule::in(['room', 'phone', 'video'])],
            'place.label' => ['bail', 'required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'place.link' => [
                'bail',
                'required_if:place.kind,video',
                'nullable',
                'string',
                'max:2000',
                'url:http,https',
            ],
            'hours' => ['required', 'array', 'min:1', 'max:7'],
            'hours.*.day' => ['required', 'integer', 'between:1,7', 'distinct'],
            'hours.*.from' => ['required', 'string', 'max:10'],
            'hours.*.until' => ['required', 'string', 'max:10'],
        ];
    }

    /** @return array{name: string, subject: string, zone: string, country: string, password: string, place: array{kind: string, label: string, link: string}, minutes: int, hours: array<int, array{from: string, until: string}>} */
    public function said(): array
    {
        $hours = [];
        foreach ($this->array('hours') as $one) {
            $hours[(int) $one['day']] = ['from' => (string) $one['from'], 'until' => (string) $one['until']];
        }
        ksort($hours);

        return [
            'name' => $this->string('name')->trim()->toString(),
            'subject' => $this->string('subject')->trim()->toString(),
            'zone' => $this->string('zone')->toString(),
            'country' => $this->string('country')->upper()->toString(),
            'password' => $this->string('password')->toString(),
            'minutes' => $this->integer('minutes'),
            'hours' => $hours,
            'place' => [
                'kind' => $this->string('place.kind')->toString(),
                'label' => $this->string('place.label')->trim()->toString(),
                'link' => $this->string('place.link')->trim()->toString(),
            ],
        ];
    }
}
