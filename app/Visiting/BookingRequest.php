<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BookingWish;
use App\Directory\Admission;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\Answered;
use App\Framework\Limited;
use App\Framework\Reading;
use App\Framework\SlotKey;
use App\Models\MailAddress;
use App\Models\Party;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\QuestionKind;
use App\Models\ReadsAs;
use App\Models\Secret;
use App\Models\Sheet;
use App\Timetables\Interpreters;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a visitor fills in to keep a time: name and e-mail always, and what the sheet asks. */
class BookingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $sheet = $this->sheet();
        $rules = [
            'slot' => ['required', 'string', SlotKey::RULE],
            'place' => ['required', 'integer', Rule::in($sheet->places->pluck('id'))],
            'name' => [$this->pass() === null ? 'required' : 'nullable', 'string', new PersonName()],
            'email' => [
                $this->pass() === null && !$this->emailOptional() ? 'required' : 'nullable',
                'string',
                new MailAddress(),
            ],
            'answers' => ['present', 'array'],
            'request_key' => ['required', 'uuid'],
            'pass' => ['nullable', 'string', 'max:120'],
            'keep_key' => ['nullable', 'uuid'],
            'host' => ['nullable', 'string', Rule::in(array_keys($sheet->chosenFrom()))],
        ];
        $children = $this->admission()->names();
        $rules += $sheet->questions->rules($sheet->host->school->country, 'answers.');
        foreach ($sheet->questions as $question) {
            if ($question->key === 'phone' && ($this->pass()->phone ?? '') !== '') {
                // It is known, and need not be typed again.
                $rules['answers.phone'][0] = 'nullable';
            }
            if ($question->kind === QuestionKind::Student && $children !== null) {
                $rules["answers.$question->key"] = ['required', 'string', Rule::in($children)];
            }
        }

        return $rules;
    }

    protected function emailOptional(): bool
    {
        // Where addresses have to answer, there has to be one.
        return $this->sheet()->rules->yes('email_optional') && !$this->sheet()->host->school->confirm_addresses;
    }

    protected function party(): Party
    {
        return Party::Visitor;
    }

    public function sheet(): Sheet
    {
        $sheet = $this->route('sheet');
        assert($sheet instanceof Sheet);

        return $sheet;
    }

    /** The pass on which the booking is to go, when the visitor has one. */
    public function pass(): ?Pass
    {
        return Pass::opening($this->input('pass'), $this->sheet());
    }

    /** A pass that somebody else has them book on. */
    protected function knownPass(?int $student): ?Pass
    {
        return null;
    }

    private function admission(): Admission
    {
        return $this->party() === Party::Office ? Admission::ofOffice() : Admission::of($this->sheet(), $this->pass());
    }

    /** Whom the school knows by that name: of a family its own child, for the office whoever alone is called so. */
    private function studentId(string $called): ?int
    {
        return match (true) {
            $called === '' => null,
            $this->party() === Party::Office => Student::called($this->sheet()->host->school_id, $called)?->id,
            $this->pass()?->guardian_id === null => null,
            default => $this->admission()->child($called)->id ??
                Guardian::query()->find($this->pass()->guardian_id)?->child($called)?->id,
        };
    }

    /** What was answered to what was asked, and to nothing else. */
    public function wish(): BookingWish
    {
        $country = $this->sheet()->host->school->country;
        $answers = [];
        foreach ($this->sheet()->questions as $question) {
            $answers[$question->key] = $question->tidied($this->input("answers.$question->key"), $country);
        }
        $student = $this->studentId(Answered::said($answers['student'] ?? ''));
        $pass = $this->pass() ?? $this->knownPass($student);

        return new BookingWish(
            start: SlotKey::instant($this->string('slot')->toString()),
            placeId: $this->integer('place'),
            name: $pass->name ?? $this->string('name')->trim()->toString(),
            email: $pass === null ? (string) MailAddress::of($this->input('email')) : (string) $pass->email,
            phone: Answered::said($answers['phone'] ?? '') ?: $pass->phone ?? '',
            student: Answered::said($answers['student'] ?? ''),
            requestKey: $this->string('request_key')->lower()->toString(),
            answers: array_diff_key($answers, ['student' => true, 'phone' => true]),
            passId: $pass?->id,
            keeper: $this->filled('keep_key') ? Secret::hash($this->string('keep_key')->lower()->toString()) : null,
            by: $this->party(),
            // Of whoever is on the phone with those who press, nobody knows how they read.
            reads: $this->party() === Party::Visitor ? Reading::now()->kept() : new ReadsAs(),
            studentId: $student,
            language: Interpreters::neededBy($pass, $this->sheet()->round_id),
            origin: $this->party() === Party::Visitor ? Limited::origin($this) : null,
            hostId: $this->filled('host') ? $this->sheet()->chosenFrom()[$this->string('host')->toString()] : null,
        );
    }
}
