<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Words;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use Illuminate\Validation\Rule;

/** What a writer has typed that is to be asked: on a worksheet of one's own, or once for a whole round. */
final class TypedQuestions
{
    /** @return array<string, list<mixed>> Laravel's rules for the field "questions" */
    public static function rules(int $most): array
    {
        return [
            'questions' => ['array', "max:$most"],
            'questions.*.key' => ['required', 'string', 'max:40', 'regex:/^[a-z0-9-]+$/D', 'distinct'],
            'questions.*.kind' => ['required', Rule::enum(QuestionKind::class)],
            'questions.*.label' => ['required', 'string', 'max:200', 'not_regex:/[\r\n]/'],
            'questions.*.help' => ['nullable', 'string', 'max:500'],
            'questions.*.required' => ['boolean'],
            'questions.*.on_run_sheet' => ['boolean'],
            'questions.*.choices' => ['array', 'max:50'],
            'questions.*.choices.*' => ['required', 'string', 'max:200'],
        ];
    }

    /**
     * What no rule of one field says.
     *
     * @param  array<int, array<mixed>>  $typed
     * @return array<string, list<string>> by field
     */
    public static function wrong(array $typed): array
    {
        $wrong = [];
        foreach ($typed as $i => $question) {
            $kind = QuestionKind::tryFrom(is_string($question['kind'] ?? null) ? $question['kind'] : '');
            if ($kind?->hasChoices() && count(is_array($question['choices'] ?? null) ? $question['choices'] : []) < 2) {
                $wrong["questions.$i.choices"][] = Words::say('sheets.two_answers');
            }
            if (($kind === QuestionKind::Student) !== (($question['key'] ?? null) === 'student')) {
                $wrong["questions.$i.kind"][] = Words::say('sheets.student_once');
            }
        }

        return $wrong;
    }

    /** @param  array<int, array<mixed>>  $typed  that has passed */
    public static function read(array $typed): Questions
    {
        return new Questions(array_map(Question::fromArray(...), array_values($typed)));
    }
}
