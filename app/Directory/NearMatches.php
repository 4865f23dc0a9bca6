<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Words;

/**
 * Whoever may be somebody else of the same name: it is asked, and nothing is done until it is answered. An answer is "one",
 * "two", or "out" for a line that is left out.
 */
final class NearMatches
{
    /** So many are shown at a time; one answer may stand for all of them. */
    public const SHOWN = 30;

    public const ANSWERS = ['one', 'two', 'out'];

    /** @var array<string, string> what is asked and not answered yet, by its id: whole sentences */
    public array $open = [];

    /** @var array<string, string> what was asked, by its id */
    public array $asked = [];

    /** @param  array<array-key, mixed>  $answers  by id; that of * stands for all that have none */
    public function __construct(private readonly array $answers = []) {}

    /**
     * @param  array<string, string|int>  $values
     * @param  bool  $mayBeOne  whether it could be said which one it is
     * @return string|null one of ANSWERS; null while nobody has said
     */
    public function answer(string $id, string $question, array $values, bool $mayBeOne = true): ?string
    {
        $this->asked[$id] = Words::say("directory.$question", $values);
        $answer = $this->answers[$id] ?? ($this->answers['*'] ?? null);
        if (in_array($answer, self::ANSWERS, true) && ($mayBeOne || $answer !== 'one')) {
            return $answer;
        }
        $this->open[$id] = $this->asked[$id];

        return null;
    }

    /** @return list<array{id: string, said: string, answer: string}> those without an answer first */
    public function shown(): array
    {
        $ids = [...array_keys($this->open), ...array_keys(array_diff_key($this->asked, $this->open))];

        return array_map(
            fn(string|int $id): array => [
                'id' => (string) $id,
                'said' => $this->asked[$id],
                'answer' => is_string($said = $this->answers[$id] ?? '') ? $said : '',
            ],
            array_slice($ids, 0, self::SHOWN),
        );
    }
}
