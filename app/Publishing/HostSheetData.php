<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\LastChange;
use App\Booking\Presser;
use App\Framework\Answered;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Live\Channel;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\BusySpan;
use App\Models\Guest;
use App\Models\HostRole;
use App\Models\Instant;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Timetables\RulerNotes;
use App\Timetables\Sentence;
use App\Video\MeetingLink;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;
use Recess\Offer;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\Timetable;

/** A sheet as its host sees it: with who has booked, about whom, and the phone number. */
final class HostSheetData
{
    private const DAYS = 14;

    /** @return SheetRowShape as SheetRow in docs/formats/recess.openapi.yaml */
    public static function row(Sheet $sheet, int $now): array
    {
        [$timetable, $later] = self::page($sheet, null, $now);

        return self::said($sheet, $timetable, $later !== null);
    }

    /** @return SheetRowShape */
    private static function said(Sheet $sheet, Timetable $timetable, bool $more): array
    {
        $now = $timetable->world->now;
        $standing = $sheet->bookings()->whereIn('state', BookingState::standing());
        $next = (clone $standing)->where('starts_at', '>=', Instant::column($now))->orderBy('starts_at')->first();
        $looked = Look::of(Auth::id(), $sheet->id);
        $taken = count(
            array_filter(
                $timetable->offers(),
                static fn(Offer $offer): bool => $timetable->capacity($offer->slot)->taken > 0,
            ),
        );

        return [
            'id' => $sheet->id,
            'title' => $sheet->title,
            'kind' => $sheet->kind->value,
            'state' => $sheet->state->value,
            'owner' => $sheet->host->name,
            'link' => $sheet->link(),
            'when' => Spell::list(array_map(Sentence::of(...), $sheet->coreBlocks())),
            'next' =>
                $next === null ? null : ucfirst(Spell::ahead($next->span()->start, $now, $timetable->sheet->zone)),
            'fresh' => (clone $standing)
                ->when($looked !== null, static fn($one) => $one->where('created_at', '>', $looked))
                ->count(),
            'asked' => $sheet->bookings()->where('state', BookingState::Asked)->count(),
            'fill' => match (true) {
                $timetable->offers() === [] => Words::say('sheets.fill_none', [
                    'standing' => (clone $standing)->where('ends_at', '>', Instant::column($now))->count(),
                ]),
                default => Words::say($more ? 'sheets.fill_next' : 'sheets.fill', [
                    'taken' => $taken,
                    'slots' => count($timetable->offers()),
                ]),
            },
            'slots' => count($timetable->offers()),
            'free' => count($timetable->free()),
            'taken' => $taken,
            'more' => $more,
            'put_away' => $sheet->put_away_at !== null,
            'of_round' => $sheet->round_id !== null,
        ];
    }

    /** @return HostSheetShape as HostSheet in docs/formats/recess.openapi.yaml */
    public static function whole(Sheet $sheet, int $now, ?LocalDate $from = null): array
    {
        [$timetable, $later] = self::page($sheet, $from, $now);
        $zone = $timetable->sheet->zone;

        return [
            ...self::said($sheet, $timetable, $later !== null),
            'undo' => self::undo($sheet, $now),
            'audience' => $sheet->audience->value,
            'visit' => $sheet->audience === Audience::Anyone ? $sheet->link() : url("/staff/visit/$sheet->slug"),
            'slug' => $sheet->slug,
            'channel' => Channel::sheet($sheet),
            'version' => $sheet->version,
            'can_throw_away' => $sheet->round_id === null && $sheet->bookings()->doesntExist(),
            'can_be_draft' =>
                $sheet->round_id === null && $sheet->state !== SheetState::Draft && !$sheet->hasBeenUsed(),
            'questions' => $sheet->questions->toArray(),
            'places' => array_values(
                $sheet->places
                    ->map(static fn(Place $place): array => ['id' => $place->id, 'label' => $place->label])
                    ->all(),
            ),
            'colleagues' => Sentence::colleagues(
                array_values(
                    $sheet->colleagues
                        ->map(static fn(SheetHost $one): array => [$one->colleague->name, $one->role])
                        ->all(),
                ),
            ),
            'asked_of_you' => self::askedOfYou($sheet),
            'can_change' =>
                Auth::user() instanceof StaffMember &&
                $sheet->isRunBy(Auth::user()) &&
                $sheet->kind !== SheetKind::Knock,
            'intro' => $sheet->intro,
            'note' => $sheet->paused_note,
            'zone' => Spell::zone($zone),
            'zone_name' => $zone->name,
            'days' => RulerData::days(
                $timetable,
                new RulerNotes(
                    busy: [...self::busy($sheet, $timetable->pieces), ...self::rests($sheet)],
                    extra: $timetable->sheet->seatsAdded,
                    shut: self::shut($sheet),
                ),
            ),
            'later' => $later === null ? null : (string) $later,
            'links_missing' => self::linksMissing($sheet, $now),
            // What was kept for an address that never answered was nobody's booking.
            'bookings' => array_values(
                $sheet
                    ->bookings()
                    ->where(static fn($one) => $one->whereNull('confirm_until')->orWhere('state', BookingState::Kept))
                    ->with(['pass', 'place', 'host', 'guests.pass'])
                    ->orderBy('starts_at')
                    ->orderBy('id')
                    ->get()
                    ->map(static fn(Booking $booking): array => self::booking($booking, $zone, $now))
                    ->all(),
            ),
        ];
    }

    /** @return array{booking: int, said: string, seconds: int}|null what staff have done last to one of its meetings, while it can be taken back */
    private static function undo(Sheet $sheet, int $now): ?array
    {
        $recent = $sheet
            ->bookings()
            ->where('updated_at', '>', Instant::column($now - Undoable::LASTS))
            ->with('pass')
            ->limit(50)
            ->get()
            ->keyBy('id');
        $change = Undoable::lastOf(array_map(LastChange::about(...), array_values($recent->modelKeys())), $now);
        $booking =
            $change === null
                ? null
                : $recent->first(static fn(Booking $one): bool => LastChange::about($one->id) === $change->about);
        if ($change === null || $booking === null || !LastChange::isByStaff($change) || $change->seconds($now) === 0) {
            return null;
        }
        $said = Words::say('sheets.undo_' . str_replace(' ', '_', $change->what), [
            'name' => $booking->student ?: $booking->pass->name,
            'when' => Spell::moment($booking->span()->start, $sheet->host->school->timeZone()),
        ]);

        return ['booking' => $booking->id, 'said' => $said, 'seconds' => $change->seconds($now)];
    }

    /** What the reader, if they are a colleague, has to do on it; null when nothing. */
    private static function askedOfYou(Sheet $sheet): ?string
    {
        $reader = Auth::user();
        $role = $reader instanceof StaffMember ? $sheet->roleOf($reader) : null;

        return $role === null || $role === HostRole::Manage ? null : Words::say("colleagues.asked_$role->value");
    }

    /** @return array{Timetable, LocalDate|null} the days drawn, and where the next ones begin; of a sheet that is over, what was */
    private static function page(Sheet $sheet, ?LocalDate $from, int $now): array
    {
        $today = $sheet->toCore()->zone->dateAt($now);
        [$timetable, $later] = Judge::pageOfAll($sheet, $from ?? $today, self::DAYS, $now);

        return $timetable->pieces === [] && $from === null
            ? Judge::pageOfAll($sheet, LocalDate::fromDay(0), self::DAYS, $now)
            : [$timetable, $later];
    }

    /**
     * @param  list<\Recess\Slots\Pieces>  $pieces
     * @return list<array{Span, string}>
     */
    private static function busy(Sheet $sheet, array $pieces): array
    {
        if ($pieces === []) {
            return [];
        }

        return array_values(
            BusySpan::query()
                ->whereIn('calendar_id', $sheet->host->calendars()->select('id'))
                ->where('starts_at', '<', Instant::column($pieces[count($pieces) - 1]->stretch->end))
                ->where('ends_at', '>', Instant::column($pieces[0]->stretch->start))
                ->orderBy('starts_at')
                ->limit(500)
                ->get()
                // A colleague on the sheet sees that the host is busy, not with what.
                ->map(
                    static fn(BusySpan $busy): array => [
                        $busy->span(),
                        Auth::id() === $sheet->staff_id ? $busy->title : '',
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array{Span, string}> what longer meetings of a round take beside their slot */
    private static function rests(Sheet $sheet): array
    {
        $rests = [];
        $longer = static fn(Builder $hold) => $hold->whereColumn('holds.ends_at', '<', 'bookings.ends_at');
        foreach (
            $sheet->round_id === null ? [] : $sheet->bookings()->whereHas('hold', $longer)->with('hold')->get()
            as $booking
        ) {
            $rest = $booking->rest();
            $rest === null || ($rests[] = [$rest, Words::say('rounds.longer', ['student' => $booking->student])]);
        }

        return $rests;
    }

    /** @return array<int, true> single slots that are closed, by their start */
    private static function shut(Sheet $sheet): array
    {
        $shut = [];
        foreach ($sheet->slotChanges as $change) {
            if ($change->closed) {
                $shut[$change->starts_at->getTimestamp()] = true;
            }
        }

        return $shut;
    }

    private static function linksMissing(Sheet $sheet, int $now): int
    {
        return $sheet
            ->bookings()
            ->where('state', BookingState::Booked)
            ->where('ends_at', '>', Instant::column($now))
            ->whereNull('bookings.link')
            ->whereHas('place', static fn($place) => $place->where('kind', 'video')->whereNull('link'))
            ->count();
    }

    /** @return HostBookingShape as HostBooking */
    private static function booking(Booking $booking, Zone $zone, int $now): array
    {
        $ahead = $booking->span()->end > $now;

        return [
            'id' => $booking->id,
            'key' => SlotKey::of($booking->starts_at->getTimestamp()),
            'day' => Spell::shortDate($zone->dateAt($booking->span()->start)),
            'from' => (string) $zone->timeAt($booking->span()->start),
            'until' => (string) $zone->timeAt($booking->span()->end),
            'host' => $booking->host->name,
            'student' => $booking->student,
            'name' => $booking->pass->name,
            'phone' => $booking->pass->phone,
            'email' => (string) $booking->pass->email,
            'mail_failure' => $booking->pass->mail_failure,
            'answers' => (object) Answered::all($booking->sheet->questions, $booking->answers, true),
            'guests' => array_values(
                $booking->guests
                    ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                    ->map(static fn(Guest $guest): string => $guest->pass->name)
                    ->all(),
            ),
            'place' => $booking->place->label,
            'video' => $booking->place->kind->value === 'video',
            'link' => MeetingLink::of($booking),
            'state' => $booking->state->value,
            'maybe' => $booking->maybe,
            'held_until' =>
                $booking->held_until === null ? null : Spell::moment($booking->held_until->getTimestamp(), $zone),
            'made_by' => $booking->made_by->value,
            'off_said' =>
                $booking->cancelled_by === null
                    ? ''
                    : Words::say('news.off.by', Presser::whoCancelled($booking)->said($booking, null)),
            'cancel_note' => $booking->cancel_note,
            'can_cancel' => $booking->stands() && $ahead,
            'can_move' => $booking->stands() && $ahead,
        ];
    }
}
