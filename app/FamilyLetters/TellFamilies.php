<?php

declare(strict_types=1);

namespace App\FamilyLetters;

use App\Directory\CardRenewed;
use App\Framework\Words;
use App\Sharing\ExpectedReminded;
use App\Sharing\FamilyInvited;
use App\Telling\Envelopes;
use App\Telling\PassMoved;
use App\Texts\SendText;
use Illuminate\Support\Facades\Queue;

/** Families and students who are expected: the link that is theirs. */
final class TellFamilies
{
    public function ofInvited(FamilyInvited $event): void
    {
        Envelopes::to((string) $event->pass->email, $event->pass->addressee())->queue(
            new FamilyLetter($event->pass, $event->sheet, $event->students, $event->word),
        );
    }

    /** By mail where there is an address, by text message where there is only a number. */
    public function ofExpected(ExpectedReminded $event): void
    {
        $one = $event->expected;
        if ($one->email !== null) {
            Envelopes::to($one->email, $one->name)->queue(
                new ExpectedLetter($one, $event->word, $event->at, $event->first),
            );

            return;
        }
        Queue::push(
            new SendText(
                null,
                $one->phone,
                Words::say($event->first ? 'sheets.expected_text_invites' : 'sheets.expected_text', [
                    'host' => $one->sheet->host->name,
                    'student' => $one->name,
                    'link' => $one->link(),
                ]),
                "expected|$one->id|$event->at",
            ),
        );
    }

    public function ofCard(CardRenewed $event): void
    {
        $event->pass->email === null ||
            Envelopes::to($event->pass->email, $event->pass->addressee())->queue(new PassMoved($event->pass, 'card'));
    }
}
