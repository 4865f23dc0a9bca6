<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Validation\Rule;

/**
 * What a sheet asks, in order.
 *
 * @implements CastsAttributes<self, self>
 * @implements \IteratorAggregate<int, Question>
 */
final readonly class Questions implements \IteratorAggregate, CastsAttributes
{
    /** What nearly every school asks, by their keys. */
    public const USUAL = ['student', 'phone'];

    /** A word beforehand, which nobody is asked for: only the one who is met reads it. */
    public const WORD = 'to-host';

    /** @param  list<Question>  $all */
    public function __construct(public array $all = []) {}

    /** @param  array<mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        return new self(array_map(Question::fromArray(...), array_values(array_filter($kept, is_array(...)))));
    }

    public function with(Question $one): self
    {
        return new self([...$this->all, $one]);
    }

    /** @return list<QuestionShape> */
    public function toArray(): array
    {
        return array_map(static fn(Question $question): array => $question->toArray(), $this->all);
    }

    /** @return \ArrayIterator<int, Question> */
    public function getIterator(): \ArrayIterator
    {
        return new \ArrayIterator($this->all);
    }

    /** Those beside what nearly every school asks. */
    public function ofItsOwn(): self
    {
        return new self(
            array_values(
                array_filter($this->all, static fn(Question $one): bool => !in_array($one->key, self::USUAL, true)),
            ),
        );
    }

    /** @return array<string, list<mixed>> Laravel's rules for the answers, by what stands before the key and the key */
    public function rules(string $country, string $before = ''): array
    {
        $rules = [];
        foreach ($this->all as $question) {
            $rules[$before . $question->key] = $question->rules($country);
            if ($question->kind === QuestionKind::Several && $question->choices !== []) {
                $rules["$before$question->key.*"] = ['string', Rule::in($question->choices)];
            }
        }

        return $rules;
    }

    /** @return list<string> all that its readers read of it */
    public function texts(): array
    {
        $texts = [];
        foreach ($this->all as $question) {
            array_push($texts, $question->label, $question->help, ...$question->choices);
        }

        return $texts;
    }

    public function first(QuestionKind $kind): ?Question
    {
        foreach ($this->all as $question) {
            if ($question->kind === $kind) {
                return $question;
            }
        }

        return null;
    }

    /** @return list<string> the keys of those whose answer only the one who is met reads */
    public function private(): array
    {
        $private = array_filter($this->all, static fn(Question $one): bool => !$one->onRunSheet);

        return [...array_values(array_map(static fn(Question $one): string => $one->key, $private)), self::WORD];
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): self
    {
        $kept = is_string($value) ? json_decode($value, true) : null;

        return self::fromArray(is_array($kept) ? $kept : []);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(($value instanceof self ? $value : new self())->toArray(), JSON_THROW_ON_ERROR);
    }
}
