<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rule;

/** One thing that a visitor is asked, besides name and e-mail address. */
final readonly class Question
{
    /** The key of what is asked to be rung at. */
    public const PHONE = 'phone';

    /** @param  list<string>  $choices of a choice */
    public function __construct(
        /** One for the life of the question: "student", "phone", or one of the sheet's own. */
        public string $key,
        public QuestionKind $kind,
        public string $label,
        public string $help = '',
        public bool $required = false,
        public bool $onRunSheet = true,
        public array $choices = [],
    ) {}

    /** @param  array<mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        $text = static fn(string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';

        $kind = QuestionKind::from($text('kind'));

        return new self(
            // What was the phone number, and is asked for something else now, is another question: no list takes it for a number.
            key: $text('key') === self::PHONE && $kind !== QuestionKind::Phone ? 'q-phone' : $text('key'),
            kind: $kind,
            label: $text('label'),
            help: $text('help'),
            required: (bool) ($kept['required'] ?? false),
            onRunSheet: (bool) ($kept['on_run_sheet'] ?? true),
            choices: array_values(
                array_filter(is_array($kept['choices'] ?? null) ? $kept['choices'] : [], is_string(...)),
            ),
        );
    }

    /** @return QuestionShape as Question in docs/formats/recess.openapi.yaml */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'kind' => $this->kind->value,
            'label' => $this->label,
            'help' => $this->help,
            'required' => $this->required,
            'on_run_sheet' => $this->onRunSheet,
            'choices' => $this->choices,
        ];
    }

    /** @return list<mixed> Laravel's rules for an answer */
    public function rules(string $country): array
    {
        return [
            $this->required ? 'required' : 'nullable',
            ...match ($this->kind) {
                QuestionKind::Student => ['string', new PersonName()],
                QuestionKind::Short => ['string', 'max:200', 'not_regex:/[\r\n]/'],
                QuestionKind::Long => ['string', 'max:4000'],
                QuestionKind::Choice => ['string', Rule::in($this->choices)],
                QuestionKind::Several => ['array', 'max:50'],
                QuestionKind::YesNo => ['boolean'],
                QuestionKind::Phone => ['string', 'max:40', $this->phone($country)],
                QuestionKind::Email => ['string', new MailAddress()],
                QuestionKind::Address => ['string', 'max:2000', 'url:http,https'],
            },
        ];
    }

    private function phone(string $country): ValidationRule
    {
        return new PhoneNumber($country);
    }

    /** The answer as it is kept: phone numbers in one form, nothing for nothing. */
    public function tidied(mixed $answer, string $country): mixed
    {
        return match (true) {
            $this->kind === QuestionKind::YesNo => $answer === null ? null : filter_var($answer, FILTER_VALIDATE_BOOL),
            $this->kind === QuestionKind::Phone => is_string($answer) ? PhoneNumber::written($answer, $country) : '',
            is_array($answer) => array_values(array_filter($answer, is_string(...))),
            default => is_string($answer) ? trim($answer) : '',
        };
    }
}
