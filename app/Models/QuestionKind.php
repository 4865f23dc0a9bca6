<?php

declare(strict_types=1);

namespace App\Models;

/** What kind of answer a question takes. */
enum QuestionKind: string
{
    /** Whom the meeting is about. */
    case Student = 'student';
    case Short = 'short';
    case Long = 'long';
    case Choice = 'choice';
    case Several = 'several';
    case YesNo = 'yes or no';
    case Phone = 'phone';
    case Email = 'e-mail';
    case Address = 'web address';

    public function hasChoices(): bool
    {
        return $this === self::Choice || $this === self::Several;
    }
}
