<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Words;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;

/** What is asked unless somebody says otherwise, in the language of whoever writes the sheet. */
final class UsualQuestions
{
    /** What nearly every school asks. */
    public static function all(): Questions
    {
        return new Questions([
            new Question(
                'student',
                QuestionKind::Student,
                Words::say('sheets.ask_student'),
                Words::say('sheets.ask_student_hint'),
                true,
            ),
            new Question('phone', QuestionKind::Phone, Words::say('sheets.ask_phone'), '', true),
        ]);
    }

    /** What nobody is asked, and may be said once something is booked: only the one who is met reads it. */
    public static function word(): Question
    {
        return new Question(
            Questions::WORD,
            QuestionKind::Long,
            Words::say('sheets.ask_word'),
            Words::say('sheets.ask_word_hint'),
            onRunSheet: false,
        );
    }
}
