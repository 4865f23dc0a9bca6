<?php

declare(strict_types=1);

namespace App\Telling;

use App\Day\WrittenAfterwards;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Line\AnotherTimeOffered;
use App\Line\HostRunsLate;
use App\Models\Guest;
use App\Models\Pass;
use App\Texts\SendText;
use App\Texts\TextMessages;
use Illuminate\Support\Facades\Queue;

/** What has to be told on the day: that a host runs late, by mail and by text message to those who wish; and that another time is offered. */
final class TellOfDay
{
    public function __construct(private readonly TextMessages $texts) {}

    public function ofLate(HostRunsLate $event): void
    {
        $booking = $event->booking;
        $come = [
            $booking->pass,
            ...$booking->guests
                ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                ->map(static fn(Guest $guest): Pass => $guest->pass)
                ->all(),
        ];
        foreach ($come as $pass) {
            if ($pass->late_by_mail && $pass->email !== null) {
                Envelopes::to($pass->email, $pass->addressee())->queue(
                    new LateLetter($booking, $pass, $event->late, $event->about),
                );
            }
            if ($pass->late_by_text && $pass->phone !== '' && $this->texts->areSent()) {
                $said = Reading::of($pass)->hears(
                    static fn(): string => Words::say('day.late_text', [
                        'host' => $booking->host->name,
                        'minutes' => intdiv($event->late, 60),
                        'time' => Spell::time($event->about, $booking->sheet->host->school->timeZone()),
                        'school' => $booking->sheet->host->school->name,
                    ]),
                );
                Queue::push(new SendText($pass->id, $pass->phone, $said, "late|$booking->id|$event->late|$pass->id"));
            }
        }
    }

    public function ofWritten(WrittenAfterwards $event): void
    {
        Envelopes::to((string) $event->booking->pass->email, $event->booking->pass->addressee())->queue(
            new AfterwardsLetter($event->letter->id, $event->booking, $event->subject, $event->text),
        );
    }

    public function ofOffer(AnotherTimeOffered $event): void
    {
        $booking = $event->offer->booking;
        if ($booking->pass->email !== null) {
            Envelopes::to($booking->pass->email, $booking->pass->addressee())->later(
                Undoable::TOLD,
                (new OfferLetter($event->offer, $booking, $booking->pass))->of($event->change),
            );
        } elseif ($booking->pass->phone !== '' && $this->texts->areSent()) {
            $zone = $booking->sheet->host->school->timeZone();
            $said = Words::say('day.offer_text', [
                'host' => $booking->host->name,
                'time' => Spell::moment($event->offer->starts_at->getTimestamp(), $zone),
                'link' => $booking->pass->linkTo($booking),
            ]);
            Queue::later(
                Undoable::TOLD,
                new SendText(
                    $booking->pass_id,
                    $booking->pass->phone,
                    $said,
                    "offer|{$event->offer->id}",
                    $event->change,
                ),
            );
        }
    }
}
