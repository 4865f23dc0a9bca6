<?php

declare(strict_types=1);

namespace App\Day;

use App\Directory\Guardian;
use App\Framework\Spell;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Knocks\HostKnocks;
use App\Line\DeskReach;
use App\Line\HostDay;
use App\Line\Press;
use App\Line\TimeOffer;
use App\Line\TurnKey;
use App\Line\UndoPress;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\PlaceKind;
use App\Models\StaffMember;
use App\Models\Turn;
use App\Sharing\BookingTable;
use App\Timetables\RulerData;
use App\Video\MeetingLink;
use Carbon\CarbonImmutable;
use Recess\Time\Zone;

/** A host's day as the desk shows it. Instants are seconds since the epoch, for what the page counts down; clock times are said. */
final class DeskData
{
    private const HOUR = 3600;

    /** @return DeskShape as Desk in docs/formats/recess.openapi.yaml */
    public static function of(HostDay $day, StaffMember $reader, int $now): array
    {
        $zone = $day->day->zone;
        $reach = DeskReach::of($reader, $day->host);
        $bookings = $day->bookings->filter($reach->holds(...))->values();
        $notes = MeetingNotes::of($reader, $bookings);
        $languages = Guardian::query()
            ->whereKey($bookings->pluck('pass.guardian_id')->filter()->unique()->all())
            ->pluck('language', 'id');
        $offers = TimeOffer::liveOf($bookings, $now);
        $turns = [
            ...$bookings
                ->map(
                    static fn(Booking $booking): array => [
                        ...self::booking($booking, $day, $reader, $offers->get($booking->id)),
                        ...$notes->about($booking),
                        'language' => (string) ($languages[$booking->pass->guardian_id ?? 0] ?? ''),
                    ],
                )
                ->all(),
            ...$reach->isWhole()
                ? $day->unbooked->map(static fn(Turn $turn): array => self::unbooked($turn, $zone))->all()
                : [],
        ];
        $late = $day->lateness($now);
        $undo = Undoable::last(Press::about($day->host, $day->day), $now);
        $undo = $undo === null || !$reach->holdsAll(UndoPress::whose($undo)) ? null : $undo;
        $back = $day->desk->break_until?->getTimestamp();

        return [
            'person' => ['id' => $day->host->id, 'name' => $day->host->name],
            'own' => $day->host->id === $reader->id,
            'whole' => $reach->isWhole(),
            'desks' => Desks::besides($reader, $day->host, $day->day),
            'day' => Spell::date($day->day->date),
            'date' => (string) $day->day->date,
            'channel' => Channel::desk($day->host->id),
            'revision' => $day->desk->revision,
            'ruler' => self::ruler($turns, $zone),
            'turns' => $turns,
            'back' => $back !== null && $back > $now ? $back : null,
            'late_minutes' => $day->desk->late_minutes,
            'runs_late' => $late === [] ? 0 : intdiv(reset($late) + 30, 60),
            'threshold' => $day->host->late_threshold,
            'missing_minutes' => $day->host->missing_minutes,
            'arrive_minutes' => $day->host->arrive_minutes,
            'asked' => $day->host->id === $reader->id ? HostKnocks::waiting($reader, $now) : 0,
            'undo' =>
                $undo === null
                    ? null
                    : [
                        'key' => $undo->key,
                        'said' => Words::say("day.done_$undo->what"),
                        'until' => $undo->at + Undoable::LASTS,
                    ],
        ];
    }

    /** @return DeskTurnShape without its language and notes yet */
    private static function booking(Booking $booking, HostDay $day, StaffMember $reader, ?TimeOffer $offer): array
    {
        $zone = $day->day->zone;

        return [
            ...self::turn($booking->turn, $booking->span()->end - $booking->span()->start),
            'key' => TurnKey::of($booking),
            'booking' => $booking->id,
            'group' => $booking->sheet_id . '|' . $booking->span()->start,
            'sheet' => $booking->sheet_id,
            'starts' => $booking->span()->start,
            'ends' => $booking->span()->end,
            'from' => (string) $zone->timeAt($booking->span()->start),
            'until' => (string) $zone->timeAt($booking->span()->end),
            'who' => $booking->pass->name,
            'student' => $booking->student,
            'phone' => $booking->pass->phone,
            'reachable' => $booking->pass->email !== null || $booking->pass->phone !== '',
            'guests' => array_values(
                $booking->guests
                    ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                    ->map(static fn(Guest $guest): string => $guest->pass->name)
                    ->all(),
            ),
            'answers' => (object) BookingTable::answers($booking->sheet, $booking, $reader),
            'title' => $booking->sheet->title,
            'place' => $booking->place->label,
            'video' => $booking->place->kind === PlaceKind::Video,
            'link' => MeetingLink::of($booking),
            'offer' =>
                $offer === null
                    ? null
                    : Words::say('day.offer_open', [
                        'time' => Spell::moment($offer->starts_at->getTimestamp(), $zone),
                        'until' => Spell::moment($offer->until->getTimestamp(), $zone),
                    ]),
            'language' => '',
            'note' => '',
            'last_note' => null,
        ];
    }

    /** @return DeskTurnShape */
    private static function unbooked(Turn $turn, Zone $zone): array
    {
        $came = (int) $turn->arrived_at?->getTimestamp();

        return [
            ...self::turn($turn, $turn->minutes * 60),
            'key' => TurnKey::of($turn),
            'booking' => null,
            'group' => TurnKey::of($turn),
            'sheet' => null,
            'starts' => null,
            'ends' => null,
            'from' => (string) $zone->timeAt($came),
            'until' => '',
            'who' => $turn->name,
            'student' => $turn->student,
            'phone' => $turn->phone,
            'reachable' => false,
            'guests' => [],
            'answers' => (object) [],
            'title' => Words::say('day.unbooked'),
            'place' => '',
            'video' => false,
            'link' => null,
            'offer' => null,
            'language' => '',
            'note' => '',
            'last_note' => null,
        ];
    }

    /** @return array{arrived: int|null, called: int|null, ended: int|null, due: int|null, outcome: string|null, word: string, answer: string, video_fails: bool} what has happened to it */
    private static function turn(?Turn $turn, int $seconds): array
    {
        $at = static fn(?CarbonImmutable $when): ?int => $when?->getTimestamp();

        return [
            'arrived' => $at($turn?->arrived_at),
            'called' => $at($turn?->called_at),
            'ended' => $at($turn?->ended_at),
            'due' =>
                $turn?->called_at === null
                    ? null
                    : $turn->called_at->getTimestamp() + $seconds + $turn->more_minutes * 60,
            'outcome' => $turn?->outcome?->value,
            'word' => $turn->word ?? '',
            'answer' => $turn->answer ?? '',
            'video_fails' => $turn?->video_failed_at !== null,
        ];
    }

    /**
     * From the full hour before the first to the one after the last.
     *
     * @param  list<DeskTurnShape>  $turns
     * @return array{from: int, until: int, marks: list<array{at: int, label: string|null, size: string}>}|null
     */
    private static function ruler(array $turns, Zone $zone): ?array
    {
        $starts = array_filter(array_column($turns, 'starts'), is_int(...));
        $ends = array_filter(array_column($turns, 'ends'), is_int(...));
        if ($starts === [] || $ends === []) {
            return null;
        }
        $from = min($starts) - ($zone->timeAt(min($starts))->minute % 60) * 60;
        $until = max($ends) + ((60 - ($zone->timeAt(max($ends))->minute % 60)) % 60) * 60;

        return [
            'from' => $from,
            'until' => max($until, $from + self::HOUR),
            'marks' => RulerData::marks($zone, $from, max($until, $from + self::HOUR)),
        ];
    }
}
