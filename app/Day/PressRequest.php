<?php

declare(strict_types=1);

namespace App\Day;

use App\Line\SendWord;
use App\Line\TurnKey;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\Models\StaffMember;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One press at a desk: which, about whom, and what goes with it. */
final class PressRequest extends FormRequest
{
    /** Those that need somebody to be about. */
    private const ABOUT = ['call', 'end', 'met', 'missed', 'unmark', 'more', 'swap', 'away', 'here', 'video'];

    private const TIMED = ['more', 'break', 'late', 'unbooked'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $person = $this->route('person');
        $country = $person instanceof StaffMember ? $person->school->country : '';

        return [
            'revision' => ['required', 'integer', 'min:0'],
            'what' => ['required', 'string', Rule::in([...self::ABOUT, 'break', 'late', 'unbooked', 'word'])],
            'who' => [
                Rule::requiredIf(in_array($this->input('what'), self::ABOUT, true)),
                'array',
                'max:60',
                ...$this->input('what') === 'swap' ? ['size:2'] : [],
            ],
            'who.*' => ['required', 'string', 'distinct', 'regex:' . TurnKey::PATTERN],
            'minutes' => [
                Rule::requiredIf(in_array($this->input('what'), self::TIMED, true)),
                'integer',
                'min:' . ($this->input('what') === 'unbooked' || $this->input('what') === 'more' ? 1 : 0),
                'max:120',
            ],
            'word' => [
                Rule::requiredIf($this->input('what') === 'word'),
                'nullable',
                'string',
                'max:' . SendWord::LENGTH,
            ],
            'name' => [Rule::requiredIf($this->input('what') === 'unbooked'), 'nullable', 'string', new PersonName()],
            'student' => ['nullable', 'string', new PersonName()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($country)],
            'fails' => [Rule::requiredIf($this->input('what') === 'video'), 'boolean'],
        ];
    }

    /** @return list<string> */
    public function who(): array
    {
        return array_values(array_filter((array) $this->input('who', []), is_string(...)));
    }

    /** @return non-empty-list<string> */
    public function some(): array
    {
        return $this->who() ?: throw new \LogicException('The rules ask for somebody.');
    }
}
