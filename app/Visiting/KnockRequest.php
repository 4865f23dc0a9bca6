<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Directory\Admission;
use App\Directory\Guardian;
use App\Framework\Answered;
use App\Framework\Reading;
use App\Framework\SlotKey;
use App\Framework\Words;
use App\Knocks\KnockTerms;
use App\Knocks\KnockWish;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\Models\StaffMember;
use App\School\SavedPlace;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Recess\Time\Span;

/** What somebody fills in who knocks: what it is about, whom it concerns, and up to three times. */
final class KnockRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $terms = KnockTerms::of($this->asked());
        $pass = $this->pass();
        $country = $this->asked()->school->country;
        $rules = [
            'title' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'details' => ['nullable', 'string', 'max:4000'],
            'work' => ['nullable', 'string', 'max:2000', 'url:http,https'],
            'student' => ['nullable', 'string', new PersonName()],
            'place' => ['required', 'integer', Rule::in($terms->places()->modelKeys())],
            'name' => [$pass === null ? 'required' : 'nullable', 'string', new PersonName()],
            'email' => [$pass === null ? 'required' : 'nullable', 'string', new MailAddress()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($country)],
            'answers' => ['present', 'array'],
            'with' => ['present', 'array', 'max:5'],
            'with.*' => ['string', 'max:80', 'distinct'],
            'choices' => ['required', 'array', 'min:1', 'max:3'],
            'choices.*.start' => ['required', 'string', SlotKey::RULE],
            'choices.*.minutes' => ['required', 'integer', 'between:1,1440'],
            'request_key' => ['required', 'uuid'],
            'pass' => ['nullable', 'string', 'max:120'],
        ];
        $children = $this->children();
        if ($children !== null) {
            $rules['student'] = ['required', 'string', Rule::in($children)];
        }

        return $rules + $terms->questions->rules($country, 'answers.');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'work.url' => Words::say('knocks.work_address'),
            'choices.required' => Words::say('knocks.no_choice'),
            'choices.max' => Words::say('knocks.three_choices'),
        ];
    }

    /**
     * @return non-empty-list<KnockTerms> of all who have to be there, the door's own host first
     *
     * @throws ValidationException when one of them cannot be asked
     */
    public function terms(): array
    {
        return KnockPageData::termsOf(
            $this->asked(),
            array_values(array_filter($this->array('with'), is_string(...))),
            $this->pass(),
        ) ?? throw ValidationException::withMessages(['with' => Words::say('knocks.not_together')]);
    }

    public function wish(): KnockWish
    {
        $terms = KnockTerms::of($this->asked());
        $country = $this->asked()->school->country;
        $pass = $this->pass();
        $student = $this->string('student')->trim()->toString();
        $answers = [];
        foreach ($terms->questions as $question) {
            $answers[$question->key] = $question->tidied($this->input("answers.$question->key"), $country);
        }
        $spans = array_map(function (int|string $i): Span {
            $start = SlotKey::instant($this->string("choices.$i.start")->toString());

            return Span::of($start, $start + $this->integer("choices.$i.minutes") * 60);
        }, array_keys($this->array('choices')));

        return new KnockWish(
            title: $this->string('title')->trim()->toString(),
            details: $this->string('details')->trim()->toString(),
            work: $this->string('work')->trim()->toString(),
            spans: $spans === []
                ? throw ValidationException::withMessages(['choices' => Words::say('knocks.no_choice')])
                : $spans,
            place: SavedPlace::query()->findOrFail($this->integer('place')),
            name: $pass->name ?? $this->string('name')->trim()->toString(),
            email: $pass === null ? (string) MailAddress::of($this->input('email')) : (string) $pass->email,
            phone: Answered::said(
                $this->filled('phone') ? PhoneNumber::written($this->string('phone')->toString(), $country) : '',
            ) ?:
            $pass->phone ?? '',
            student: $student,
            requestKey: $this->string('request_key')->lower()->toString(),
            answers: array_filter($answers, static fn(mixed $one): bool => $one !== ''),
            passId: $pass?->id,
            studentId: $student === '' || $pass?->guardian_id === null
                ? null
                : Guardian::query()->find($pass->guardian_id)?->child($student)?->id,
            reads: Reading::now()->kept(),
        );
    }

    public function pass(): ?Pass
    {
        return Pass::opening($this->input('pass'), $this->asked());
    }

    /** @return list<string>|null those whom it can be about, where it is for families whom the school knows */
    private function children(): ?array
    {
        return Admission::of(KnockTerms::of($this->asked())->sheet(), $this->pass())->names();
    }

    private function asked(): StaffMember
    {
        $staff = $this->route('staff');
        assert($staff instanceof StaffMember);

        return $staff;
    }
}
