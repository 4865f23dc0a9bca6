<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Allotting\Allotted;
use App\Allotting\FamilyAllotted;
use App\Allotting\RoundAllotted;
use App\Allotting\WishesSent;
use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Pass;
use App\Plans\FindPlan;
use App\Plans\PlanGivenBack;
use App\Plans\PlanKept;
use App\Plans\Shortlist;
use App\Replanning\EveningMoved;
use App\Rounds\FamilyReminded;
use App\Rounds\HostGone;
use App\Telling\Envelopes;
use App\Telling\Message;
use App\Texts\SendText;
use Illuminate\Support\Facades\Queue;

/** What families and teachers are told of a round: all of it at once, not each meeting. */
final class TellOfRound
{
    public function ofPlan(PlanKept $event): void
    {
        // Where some have another time, all of it: what a family keeps on its fridge is one list.
        $bookings =
            $event->moved === 0
                ? $event->bookings
                : array_values(FindPlan::movable($event->round, $event->pass, Clock::now())->get()->all());
        self::send($event->pass, new PlanLetter($event->pass, $event->round, self::ids($bookings), $event->moved));
    }

    public function ofGivenBack(PlanGivenBack $event): void
    {
        self::send(
            $event->pass,
            new GivenBackLetter($event->pass, $event->round, self::ids($event->bookings), $event->word),
        );
    }

    public function ofWishes(WishesSent $event): void
    {
        self::send($event->pass, new WishesLetter($event->pass, $event->round));
    }

    public function ofHostGone(HostGone $event): void
    {
        foreach (Shortlist::wishing($event->round, $event->sheet) as $wishing) {
            self::send($wishing->pass, new HostGoneLetter($wishing->pass, $event->round, $event->host));
        }
    }

    public function ofFamily(FamilyAllotted $event): void
    {
        $left = $event->rows
            ->filter(static fn(Allotted $row): bool => $row->starts_at === null && $row->why !== null)
            ->map(
                static fn(Allotted $row): array => [
                    'host' => $row->host,
                    'why' => (string) $row->why?->saidToFamily($row->host, $event->round->school),
                ],
            )
            ->unique('host');
        $asked = $event->rows->contains(static fn(Allotted $row): bool => $row->asked && $row->booking_id !== null);
        self::send(
            $event->pass,
            new GivenLetter(
                $event->pass,
                $event->round,
                self::ids($event->bookings),
                array_values($left->all()),
                $asked,
            ),
        );
    }

    public function ofRound(RoundAllotted $event): void
    {
        foreach ($event->round->openSheets() as $sheet) {
            if ($sheet->host->notify !== 'never') {
                Envelopes::to($sheet->host->email, $sheet->host->name)->queue(new HostRoundLetter($sheet));
            }
        }
    }

    public function ofEvening(EveningMoved $event): void
    {
        self::send(
            $event->pass,
            (new MovedLetter($event->pass, $event->round, self::ids($event->bookings), $event->word))->of(
                $event->change,
            ),
        );
    }

    /** By mail where there is an address, by text message where there is only a number. */
    public function ofReminder(FamilyReminded $event): void
    {
        if ($event->pass->email !== null) {
            self::send(
                $event->pass,
                new RemindLetter(
                    $event->pass,
                    $event->round,
                    $event->students,
                    $event->word,
                    $event->at,
                    $event->first,
                ),
            );

            return;
        }
        $text = Words::say('rounds.remind_text', [
            'title' => $event->round->title,
            'students' => $event->students,
            'link' => $event->round->linkFor($event->pass),
        ]);
        Queue::push(
            new SendText(
                $event->pass->id,
                $event->pass->phone,
                $text,
                "round|{$event->round->id}|{$event->pass->id}|$event->at",
            ),
        );
    }

    private static function send(Pass $pass, Message $letter): void
    {
        $pass->email === null || Envelopes::to($pass->email, $pass->addressee())->queue($letter);
    }

    /**
     * @param  list<Booking>  $bookings
     * @return list<int>
     */
    private static function ids(array $bookings): array
    {
        return array_map(static fn(Booking $one): int => $one->id, $bookings);
    }
}
