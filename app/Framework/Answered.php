<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Questions;

/** What visitors answered, as whoever reads it reads it. */
final class Answered
{
    public static function said(mixed $answer): string
    {
        return match (true) {
            is_bool($answer) => Words::say($answer ? 'pass.yes' : 'pass.no'),
            is_array($answer) => Spell::row(array_filter($answer, is_string(...))),
            default => is_string($answer) ? $answer : '',
        };
    }

    /**
     * By question, without the usual ones, which stand elsewhere, and without what was not answered.
     *
     * @param  array<string, mixed>  $answers
     * @param  bool  $onRunSheetOnly  not what only the one who is met reads
     * @return array<string, string>
     */
    public static function all(Questions $questions, array $answers, bool $onRunSheetOnly = false): array
    {
        $said = [];
        foreach ($questions as $question) {
            $answer = self::said($answers[$question->key] ?? null);
            if (
                $answer !== '' &&
                !in_array($question->key, Questions::USUAL, true) &&
                (!$onRunSheetOnly || $question->onRunSheet)
            ) {
                $said[$question->label] = $answer;
            }
        }

        return $said;
    }
}
