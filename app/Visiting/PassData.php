<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\MeetingLink;
use App\Models\Pass;
use App\Timetables\HostCard;
use Illuminate\Database\Eloquent\Collection;

/** A visitor's pass: all of their bookings, in order, and those to which somebody brings them. */
final class PassData
{
    /**
     * @param  int  $now  seconds since the epoch
     * @param  Booking|null  $only  the one booking of a pass that has just been made
     * @return array<string, mixed> as Pass in docs/formats/recess.openapi.yaml
     */
    public static function of(Pass $pass, int $now, ?Booking $only = null): array
    {
        $path = '/p/'.$pass->token();
        $bookings = $only === null ? self::bookings($pass) : new Collection([$only]);

        return [
            'path' => $path,
            'name' => $pass->name,
            'email' => (string) $pass->email,
            'phone' => $pass->phone,
            'school' => $bookings->first()?->sheet->host->school->name ?? '',
            'bookings' => array_values($bookings->map(static fn (Booking $booking): array => self::booking($booking, $pass, $path, $now))->all()),
        ];
    }

    /** @return Collection<int, Booking> */
    public static function bookings(Pass $pass): Collection
    {
        return Booking::query()
            ->where(static fn ($one) => $one->where('pass_id', $pass->id)->orWhereHas('guests', static fn ($guest) => $guest->where('pass_id', $pass->id)->whereNull('left_at')))
            ->with(['sheet.host.school', 'place', 'host', 'guests.pass', 'pass'])->orderBy('starts_at')->get();
    }

    /** @return array<string, mixed> */
    private static function booking(Booking $booking, Pass $pass, string $path, int $now): array
    {
        $zone = $booking->sheet->host->school->timeZone();
        $own = $booking->pass_id === $pass->id;
        $ahead = $booking->stands() && $booking->span()->start > $now;

        return [
            'id' => $booking->id,
            'key' => SlotKey::of($booking->starts_at->getTimestamp()),
            'title' => $booking->sheet->title,
            'sheet_path' => '/s/'.$booking->sheet->slug,
            'host' => HostCard::of($booking->host),
            'date' => Spell::date($zone->dateAt($booking->span()->start)),
            'from' => Spell::time($booking->span()->start, $zone),
            'until' => Spell::time($booking->span()->end, $zone),
            'zone' => Spell::zone($zone),
            'zone_name' => $zone->name,
            'place' => [
                'label' => $booking->place->label,
                'link' => MeetingLink::forVisitor($booking, $now),
                'promise' => MeetingLink::promise($booking, $now),
                'directions' => $booking->place->directions,
            ],
            'student' => $booking->student,
            'questions' => $own ? $booking->sheet->questions->toArray() : [],
            'answers' => (object) ($own ? $booking->answers : []),
            'state' => $booking->state->value,
            'maybe' => $booking->maybe,
            'held_until' => $booking->held_until === null ? null : Spell::moment($booking->held_until->getTimestamp(), $zone),
            'answer_note' => $booking->answer_note,
            'made_by' => $booking->made_by->value,
            'cancelled_by' => $booking->cancelled_by?->value,
            'cancel_note' => $booking->cancel_note,
            'own' => $own,
            'visitor' => $booking->pass->name,
            'also' => self::also($booking),
            'guests' => array_values($booking->guests->filter(static fn (Guest $guest): bool => $guest->left_at === null)
                ->map(static fn (Guest $guest): array => ['id' => $guest->id, 'name' => $guest->pass->name])->all()),
            'can_bring' => $own && $ahead && $booking->guests->whereNull('left_at')->count() < $booking->sheet->rules->whole('guests'),
            'can_give_back' => $own && $ahead,
            'can_move' => $own && $ahead,
            'entry_path' => "$path/bookings/$booking->id.ics",
        ];
    }

    /** @return list<string> the names of others at the same time, to those who come: their names are seen in turn */
    private static function also(Booking $booking): array
    {
        $rules = $booking->sheet->rules;
        if (! $booking->stands() || ! $rules->yes('show_who') || $rules->whole('seats') === 1) {
            return [];
        }

        return array_values(Booking::query()->where('hold_id', $booking->hold_id)->whereKeyNot($booking->id)->where('state', BookingState::Booked)->with('pass')->orderBy('seat')->get()
            ->map(static fn (Booking $other): string => $other->pass->name)->all());
    }
}
