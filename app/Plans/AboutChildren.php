<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Round;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

/**
 * What a family answers to the questions of a round: once for each child, and it goes to all whom they meet about it.
 *
 * @phpstan-type About array{student: string, answers: array<string, mixed>}
 */
final class AboutChildren
{
    /** As many children as anybody asks about. */
    private const MOST = 20;

    /**
     * As their page has it, whatever may still be missing; what is no answer at all is left out.
     *
     * @return list<About>
     */
    public static function typed(Round $round, mixed $about): array
    {
        $typed = [];
        $rules = $round->questions->ofItsOwn()->rules($round->school->country);
        foreach (array_slice(is_array($about) ? $about : [], 0, self::MOST) as $one) {
            $student = is_array($one) ? $one['student'] ?? null : null;
            $answers = is_array($one) && is_array($one['answers'] ?? null) ? $one['answers'] : [];
            if (is_string($student) && mb_strlen($student) <= 120) {
                $kept = array_filter(array_intersect_key($answers, $rules), self::isAnAnswer(...));
                $kept === [] || ($typed[] = ['student' => $student, 'answers' => $kept]);
            }
        }

        return $typed;
    }

    /**
     * The same once it is to be kept: everything that has to be answered is.
     *
     * @param  list<Pick>  $picks  about whom it is
     * @return list<About>
     *
     * @throws ValidationException at about, the child and the question
     */
    public static function checked(Round $round, array $picks, mixed $about): array
    {
        $typed = array_column(self::typed($round, $about), 'answers', 'student');
        $rules = $round->questions->ofItsOwn()->rules($round->school->country);
        $wrong = $checked = [];
        foreach (
            $rules === [] ? [] : array_unique(array_map(static fn(Pick $pick): string => $pick->student, $picks))
            as $student
        ) {
            $faults = Validator::make($typed[$student] ?? [], $rules)
                ->errors()
                ->toArray();
            foreach ($faults as $key => $messages) {
                $wrong["about.$student." . explode('.', (string) $key)[0]] = $messages;
            }
            $answers = [];
            foreach ($round->questions->ofItsOwn() as $question) {
                $answers[$question->key] = $question->tidied(
                    $typed[$student][$question->key] ?? null,
                    $round->school->country,
                );
            }
            $checked[] = ['student' => $student, 'answers' => $answers];
        }
        $wrong === [] || throw ValidationException::withMessages($wrong);

        return $checked;
    }

    private static function isAnAnswer(mixed $answer): bool
    {
        $texts = is_array($answer) ? array_slice($answer, 0, 51) : [$answer];

        return count($texts) <= 50 &&
            array_filter(
                $texts,
                static fn(mixed $one): bool => !is_bool($one) && !(is_string($one) && mb_strlen($one) <= 4_000),
            ) === [];
    }
}
