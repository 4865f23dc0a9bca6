<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Http\SlotKey;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\BusySpan;
use App\Models\Guest;
use App\Models\Sheet;
use App\Models\SlotChange;
use App\Models\StaffMember;
use App\Sheets\MeetingLink;
use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use App\Worksheet\Sentence;
use Illuminate\Support\Facades\Auth;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/** A sheet as its host sees it: with who has booked, about whom, and the phone number. */
final class StaffSheetData
{
    private const DAYS = 14;

    /** @return array<string, mixed> as SheetRow in docs/formats/recess.openapi.yaml */
    public static function row(SheetTimetable $timetable): array
    {
        $sheet = $timetable->sheet;
        $next = $sheet->bookings()->whereIn('state', [BookingState::Booked, BookingState::Asked])
            ->where('starts_at', '>=', gmdate('Y-m-d H:i:s', $timetable->now))->orderBy('starts_at')->first();

        return [
            'id' => $sheet->id,
            'title' => $sheet->title,
            'kind' => $sheet->kind->value,
            'state' => $sheet->state->value,
            'owner' => $sheet->host->name,
            'link' => $sheet->link(),
            'when' => Spell::list(array_map(Sentence::of(...), $sheet->coreBlocks())),
            'next' => $next === null ? null : ucfirst(Spell::ahead($next->span()->start, $timetable->now, $timetable->zone)),
            'fresh' => $sheet->bookings()->whereIn('state', [BookingState::Booked, BookingState::Asked])
                ->when($sheet->looked_at !== null, static fn ($one) => $one->where('created_at', '>', $sheet->looked_at))->count(),
            'asked' => $sheet->bookings()->where('state', BookingState::Asked)->count(),
            'slots' => count($timetable->offers()),
            'free' => count($timetable->free()),
            'taken' => $timetable->countTaken(),
            'put_away' => $sheet->put_away_at !== null,
        ];
    }

    /** @return array<string, mixed> as HostSheet in docs/formats/recess.openapi.yaml */
    public static function whole(SheetTimetable $timetable, ?LocalDate $from = null): array
    {
        $sheet = $timetable->sheet;
        [$pieces, $later] = self::page($timetable, $from ?? $timetable->today());

        return [
            ...self::row($timetable),
            'slug' => $sheet->slug,
            'can_change' => Auth::user() instanceof StaffMember && $sheet->isRunBy(Auth::user()),
            'intro' => $sheet->intro,
            'note' => $sheet->paused_note,
            'zone' => Spell::zone($timetable->zone),
            'zone_name' => $timetable->zone->name,
            'days' => RulerData::days($timetable->zone, $pieces, $timetable->offers(), $timetable->now, new RulerNotes(
                busy: self::busy($sheet, $pieces), extra: $sheet->slotChanges->mapWithKeys(static fn (SlotChange $change): array => [$change->starts_at->getTimestamp() => $change->extra_seats])->all(),
            )),
            'later' => $later === null ? null : (string) $later,
            'links_missing' => self::linksMissing($sheet, $timetable->now),
            'bookings' => array_values($sheet->bookings()->with(['pass', 'place', 'host', 'guests.pass'])->orderBy('starts_at')->orderBy('id')->get()
                ->map(static fn (Booking $booking): array => self::booking($booking, $timetable))->all()),
        ];
    }

    /** @return array{list<\Recess\Slots\Pieces>, LocalDate|null} the days drawn, and where the next ones begin */
    private static function page(SheetTimetable $timetable, LocalDate $from): array
    {
        $all = array_filter($timetable->pieces, static fn ($one): bool => $timetable->zone->dayAt($one->stretch->end - 1) >= $from->day);

        // Of a sheet that is over, what was is shown.
        return DayPage::of($all === [] ? $timetable->pieces : $all, $timetable->zone, self::DAYS);
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

        return array_values(BusySpan::query()->whereIn('calendar_id', $sheet->host->calendars()->select('id'))
            ->where('starts_at', '<', gmdate('Y-m-d H:i:s', $pieces[count($pieces) - 1]->stretch->end))
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $pieces[0]->stretch->start))
            ->orderBy('starts_at')->limit(500)->get()
            // A colleague on the sheet sees that the host is busy, not with what.
            ->map(static fn (BusySpan $busy): array => [$busy->span(), Auth::id() === $sheet->staff_id ? $busy->title : ''])->all());
    }

    private static function linksMissing(Sheet $sheet, int $now): int
    {
        return $sheet->bookings()->where('state', BookingState::Booked)->where('ends_at', '>', gmdate('Y-m-d H:i:s', $now))
            ->whereNull('bookings.link')->whereHas('place', static fn ($place) => $place->where('kind', 'video')->whereNull('link'))->count();
    }

    /** @return array<string, mixed> as HostBooking */
    private static function booking(Booking $booking, SheetTimetable $timetable): array
    {
        $zone = $timetable->zone;
        $ahead = $booking->span()->end > $timetable->now;

        return [
            'id' => $booking->id,
            'key' => SlotKey::of($booking->starts_at->getTimestamp()),
            'day' => Spell::shortDate($zone->dateAt($booking->span()->start)),
            'from' => Spell::time($booking->span()->start, $zone),
            'until' => Spell::time($booking->span()->end, $zone),
            'host' => $booking->host->name,
            'student' => $booking->student,
            'name' => $booking->pass->name,
            'phone' => $booking->pass->phone,
            'email' => (string) $booking->pass->email,
            'mail_failure' => $booking->pass->mail_failure,
            'answers' => (object) $booking->sheet->questions->said($booking->answers, true),
            'guests' => array_values($booking->guests->filter(static fn (Guest $guest): bool => $guest->left_at === null)->map(static fn (Guest $guest): string => $guest->pass->name)->all()),
            'place' => $booking->place->label,
            'video' => $booking->place->kind->value === 'video',
            'link' => MeetingLink::of($booking),
            'state' => $booking->state->value,
            'maybe' => $booking->maybe,
            'held_until' => $booking->held_until === null ? null : Spell::moment($booking->held_until->getTimestamp(), $zone),
            'made_by' => $booking->made_by->value,
            'cancelled_by' => $booking->cancelled_by?->value,
            'cancel_note' => $booking->cancel_note,
            'can_cancel' => $booking->stands() && $ahead,
            'can_move' => $booking->stands() && $ahead,
        ];
    }
}
