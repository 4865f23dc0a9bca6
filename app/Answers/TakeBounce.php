<?php

declare(strict_types=1);

namespace App\Answers;

use App\Calendars\AnswerAddress;

/** A letter came back: who can do something else hears of it; or the report is left alone, and why. */
final class TakeBounce
{
    /** What stands for the entry in the address that a letter comes back to. */
    public const OF = 'bounce';

    /** @return Left|null null when it was taken */
    public function __invoke(MailIn $mail): ?Left
    {
        $bounce = Bounce::read($mail->delivery);
        if ($bounce === null) {
            return Left::Nothing;
        }
        // The address is another one for each reader, and only their own letters show it: nobody else calls theirs wrong.
        if (!AnswerAddress::isAmong($mail->sentTo, self::OF, $bounce->email)) {
            return Left::OtherAddress;
        }
        event(new LetterBounced($bounce->email, $bounce->why));

        return null;
    }
}
