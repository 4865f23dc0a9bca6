<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\LastChange;
use App\Booking\Presser;
use App\Directory\Guardian;
use App\Directory\OpenToPass;
use App\Directory\Student;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Undoable;
use App\Framework\Version;
use App\Framework\Words;
use App\Knocks\PassKnocks;
use App\Line\DayCode;
use App\Line\DayOf;
use App\Line\Opening;
use App\Line\TimeOffer;
use App\Line\VisitorLine;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\Round;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Passes\Joiner;
use App\School\Directions;
use App\School\UsualQuestions;
use App\Texts\TextMessages;
use App\Timetables\Asking;
use App\Timetables\HostCard;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Video\MeetingLink;
use Illuminate\Database\Eloquent\Collection;
use Recess\Offer;

/** A visitor's pass: all of their bookings, in order, and those to which somebody brings them. */
final class PassData
{
    /**
     * @param  int  $now  seconds since the epoch
     * @param  Booking|null  $only  the one booking of a pass that has just been made
     * @return PassShape as Pass in docs/formats/recess.openapi.yaml
     */
    public static function of(Pass $pass, int $now, ?Booking $only = null): array
    {
        $path = '/p/' . $pass->token();
        $school = $only === null ? School::here($pass) : $only->sheet->host->school;
        $bookings = $only === null ? self::bookings($pass) : new Collection([$only]);
        $line = new VisitorLine($now);
        // Of what has just been made nobody has been offered another time, and nobody has asked to come too.
        $offers = $only === null ? TimeOffer::liveOf($bookings, $now) : new Collection();
        $today = DayOf::at($now, $school->timeZone());

        return [
            'path' => $path,
            'whole' => $pass->reach === null,
            'calendar_path' =>
                '/p/' . ($pass->reach === null ? $pass->within(Reach::calendar()) : $pass)->token() . '/bookings.ics',
            'name' => $pass->name,
            'email' => $pass->shownEmail(),
            'new_email' => $pass->reach === null ? $pass->new_email : null,
            'phone' => $pass->shownPhone(),
            'school' => $school->name,
            'office' => $school->phone,
            'students' => $only === null ? self::students($pass) : array_filter([$only->student]),
            'open' => $only === null && $pass->reach === null ? self::open($pass) : [],
            'left' => $only === null ? self::left($pass, $now) : [],
            'undo' => $only === null ? self::undo($pass, $now) : null,
            'channel' => Channel::pass($pass),
            'code' => $bookings->contains(
                static fn(Booking $one): bool => Opening::stands($one) && $today->span->holds($one->span()->start),
            )
                ? DayCode::of($pass, $today)
                : null,
            'knocks' => $only === null ? PassKnocks::of($pass, $now) : [],
            'texts' => app(TextMessages::class)->areSent(),
            'late_by_mail' => $pass->late_by_mail,
            'late_by_text' => $pass->late_by_text,
            'bookings' => array_values(
                $bookings
                    ->map(
                        static fn(Booking $booking): array => [
                            ...self::booking($booking, $pass, $path, $now),
                            'offer' => self::offer($booking, $offers->get($booking->id)),
                            'line' => $line->of($booking),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return list<array{path: string, title: string, host: string}> what is for this pass and stands on no board */
    private static function open(Pass $pass): array
    {
        $open = OpenToPass::of($pass);
        $with = '?pass=' . $pass->token();

        return [
            ...$open->rounds
                ->map(
                    static fn(Round $round): array => [
                        'path' => "/r/$round->slug$with",
                        'title' => Version::title($round),
                        'host' => '',
                    ],
                )
                ->values()
                ->all(),
            ...$open->sheets
                ->map(
                    static fn(Sheet $sheet): array => [
                        'path' => "/s/$sheet->slug$with",
                        'title' => Version::title($sheet),
                        'host' => $sheet->host->name,
                    ],
                )
                ->values()
                ->all(),
        ];
    }

    /** @return list<string> about whom they have booked, the last one first: names are picked, not typed again */
    public static function students(Pass $pass): array
    {
        if ($pass->reach !== null) {
            // As far as it was opened: of a sheet for some families, its page names those whom it is for.
            return array_values(
                array_unique(
                    array_filter(
                        self::bookings($pass)->where('pass_id', $pass->id)->sortByDesc('id')->pluck('student')->all(),
                    ),
                ),
            );
        }
        $own =
            $pass->guardian_id === null
                ? []
                : array_map(
                    static fn(Student $child): string => $child->name(),
                    Guardian::query()->find($pass->guardian_id)?->students->all() ?? [],
                );

        return array_values(
            array_unique(
                array_map(strval(...), [
                    ...$own,
                    ...$pass
                        ->bookings()
                        ->where('student', '!=', '')
                        ->orderByDesc('id')
                        ->limit(50)
                        ->pluck('student')
                        ->all(),
                ]),
            ),
        );
    }

    /** @return list<string> of meetings to come to which they were brought and come no more: their letters lead here */
    private static function left(Pass $pass, int $now): array
    {
        return array_values(
            Booking::query()
                ->whereHas('guests', static fn($guest) => $guest->where('pass_id', $pass->id)->whereNotNull('left_at'))
                ->where('ends_at', '>', Instant::column($now))
                ->whereIn('state', BookingState::standing())
                ->with(['sheet.host.school', 'pass'])
                ->orderBy('starts_at')
                ->limit(20)
                ->get()
                ->filter($pass->reaches(...))
                ->map(
                    static fn(Booking $one): string => Words::say('booking.left', [
                        'title' => Version::title($one->sheet),
                        'when' => Spell::moment($one->span()->start, $one->sheet->host->school->timeZone()),
                        'visitor' => $one->pass->name,
                    ]),
                )
                ->all(),
        );
    }

    /** @return array<int, list<array<string, mixed>>> where each booking could be moved to in the days around it, where scripts do not run */
    public static function elsewhere(Pass $pass, int $now): array
    {
        $free = [];
        foreach (self::bookings($pass) as $booking) {
            if ($booking->isAhead($now) && $booking->isChangedBy($pass)) {
                $timetable = Judge::around($booking->span()->start, $booking->sheet, $now, Asking::moving($booking));
                $free[$booking->id] = array_map(
                    static fn(Offer $offer): array => RulerData::slot(
                        $offer->slot,
                        $offer->verdict->state,
                        $timetable->sheet->zone,
                    ),
                    array_slice($timetable->free(), 0, 200),
                );
            }
        }

        return $free;
    }

    /** @return Collection<int, Booking> */
    public static function bookings(Pass $pass): Collection
    {
        return Booking::query()
            ->where(
                static fn($one) => $one
                    ->where('pass_id', $pass->id)
                    ->orWhereHas(
                        'guests',
                        static fn($guest) => $guest->where('pass_id', $pass->id)->whereNull('left_at'),
                    ),
            )
            ->with([
                'sheet.host.school',
                'sheet.colleagues.colleague',
                'place',
                'host.school',
                'guests.pass',
                'pass',
                'turn',
            ])
            ->orderBy('starts_at')
            ->get()
            ->filter($pass->reaches(...))
            ->values();
    }

    /** @return PassBookingShape with neither line nor offer yet */
    private static function booking(Booking $booking, Pass $pass, string $path, int $now): array
    {
        $zone = $booking->sheet->host->school->timeZone();
        $own = $booking->pass_id === $pass->id;
        $change = $booking->isChangedBy($pass);
        $ahead = $booking->isAhead($now);
        $booked = $ahead && $booking->state !== BookingState::Kept;
        $way = Directions::to($booking->place, $booking->sheet->host->school);

        return [
            'id' => $booking->id,
            'key' => SlotKey::of($booking->span()->start),
            'ends' => SlotKey::of($booking->span()->end),
            'title' => Version::title($booking->sheet),
            'sheet_path' => (string) parse_url($booking->sheet->link(), PHP_URL_PATH),
            'host' => ['name' => Spell::list($booking->hostsNamed())] + HostCard::of($booking->host),
            'day' => (string) $zone->dateAt($booking->span()->start),
            'date' => Spell::date($zone->dateAt($booking->span()->start)),
            'from' => (string) $zone->timeAt($booking->span()->start),
            'until' => (string) $zone->timeAt($booking->span()->end),
            'zone' => Spell::zone($zone),
            'zone_name' => $zone->name,
            'place' => [
                'label' => Version::of($booking->sheet, $booking->place->label),
                'link' => MeetingLink::forVisitor($booking, $now),
                'promise' => MeetingLink::promise($booking, $now, here: true),
                'directions' => Version::of($booking->sheet, $way['text']),
                'picture' => $way['picture'],
            ],
            'student' => $booking->student,
            'questions' => $own
                ? Version::questions($booking->sheet, $booking->sheet->questions->with(UsualQuestions::word()))
                : [],
            'answers' => (object) ($own ? $booking->answers : []),
            'state' => $booking->state->value,
            'maybe' => $booking->maybe,
            'held_until' =>
                $booking->held_until === null ? null : Spell::moment($booking->held_until->getTimestamp(), $zone),
            'confirm_until' =>
                $booking->confirm_until === null ? null : Spell::moment($booking->confirm_until->getTimestamp(), $zone),
            'answer_note' => $booking->answer_note,
            'made_by' => $booking->made_by->value,
            'off_said' => self::off($booking, $pass),
            'cancel_note' => $booking->cancel_note,
            'own' => $own,
            'visitor' => $booking->pass->name,
            'also' => self::also($booking),
            'guests' => array_values(
                $booking->guests
                    ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                    ->map(
                        static fn(Guest $guest): array => [
                            'id' => $guest->id,
                            'name' => $guest->pass->name,
                            'may_change' => $guest->may_change,
                        ],
                    )
                    ->all(),
            ),
            'joiners' => $own && $ahead && !$booking->wasRecentlyCreated ? self::joiners($booking) : [],
            'can_bring' =>
                $own &&
                $booked &&
                $booking->guests->whereNull('left_at')->count() < $booking->sheet->rules->whole('guests'),
            'can_give_back' => $change && $ahead,
            'can_move' => $change && $booked && $booking->sheet->kind !== SheetKind::Knock,
            'can_answer' => $own && $booked,
            'entry_path' => "$path/bookings/$booking->id.ics",
            'offer' => null,
            'line' => null,
        ];
    }

    /** @return array{when: string, until: string, word: string}|null another time that the host offers */
    private static function offer(Booking $booking, ?TimeOffer $offer): ?array
    {
        $zone = $booking->sheet->host->school->timeZone();

        return $offer === null
            ? null
            : [
                'when' => Spell::moment($offer->starts_at->getTimestamp(), $zone),
                'until' => Spell::moment($offer->until->getTimestamp(), $zone),
                'word' => $offer->word,
            ];
    }

    /** @return list<array{id: int, name: string}> who asks to be brought */
    private static function joiners(Booking $booking): array
    {
        return array_values(
            Joiner::query()
                ->where('booking_id', $booking->id)
                ->orderBy('id')
                ->get()
                ->map(static fn(Joiner $one): array => ['id' => $one->id, 'name' => $one->name])
                ->all(),
        );
    }

    /** @return array{booking: int, what: string, seconds: int}|null the last change that can still be taken back, and for how long */
    private static function undo(Pass $pass, int $now): ?array
    {
        $bookings = Booking::query()
            ->where('updated_at', '>', Instant::column($now - Undoable::LASTS))
            ->where(
                static fn($one) => $one
                    ->where('pass_id', $pass->id)
                    ->orWhereHas('guests', static fn($guest) => $guest->where('pass_id', $pass->id)),
            )
            ->orderByDesc('updated_at')
            ->limit(5)
            ->get();
        foreach ($bookings as $booking) {
            $change = LastChange::of($booking, $now);
            if (
                $change !== null &&
                $pass->reaches($booking) &&
                $change->seconds($now) > 0 &&
                LastChange::isFor($change, $booking, $pass)
            ) {
                return ['booking' => $booking->id, 'what' => $change->what, 'seconds' => $change->seconds($now)];
            }
        }

        return null;
    }

    /** Who called it off, as whoever opened the pass reads it; empty while it stands. */
    private static function off(Booking $booking, Pass $pass): string
    {
        return match ($booking->state) {
            BookingState::Declined => Words::say('news.off.declined', ['host' => $booking->host->name]),
            BookingState::Cancelled => Words::say(
                'news.off.cancelled',
                Presser::whoCancelled($booking)->said($booking, $pass),
            ),
            default => '',
        };
    }

    /** @return list<string> the names of others at the same time, to those who come: their names are seen in turn */
    private static function also(Booking $booking): array
    {
        $rules = $booking->sheet->rules;
        if (!$booking->stands() || !$rules->yes('show_who') || $rules->whole('seats') === 1) {
            return [];
        }

        return array_values(
            Booking::query()
                ->where('hold_id', $booking->hold_id)
                ->whereKeyNot($booking->id)
                ->where('state', BookingState::Booked)
                ->with('pass')
                ->orderBy('seat')
                ->get()
                ->map(static fn(Booking $other): string => $other->pass->name)
                ->all(),
        );
    }
}
