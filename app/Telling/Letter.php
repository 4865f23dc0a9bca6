<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Calendars\MeetingFacts;
use App\Calendars\Reader;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Pass;
use App\Timetables\Asking;
use App\Timetables\Judge;
use Carbon\CarbonImmutable;
use Recess\Time\Span;

/** The words of a message, the same for text and HTML. */
final readonly class Letter
{
    /**
     * @param  array<string, string>  $facts name => value, in order
     * @param  list<array{text: string, link: string}>  $buttons  what its reader can answer by pressing
     */
    public function __construct(
        public string $greeting,
        public string $news,
        public string $word,
        public array $facts,
        public string $linkText,
        public string $link,
        public string $school,
        public array $buttons = [],
    ) {}

    /** Whoever has not answered from that address may be somebody else: a name that a stranger typed is not put to them. */
    public static function greeting(Pass $pass): string
    {
        return $pass->hasAnswered()
            ? Words::say('booking.dear', ['name' => $pass->name])
            : Words::say('booking.good_day');
    }

    /** @param  int  $now  seconds since the epoch */
    public static function about(Booking $booking, News $what, Reader $reader, int $now): self
    {
        $occasion = $what->occasion;
        $person = $reader->person();
        $off = $occasion->isOff();
        // Asked for, and not answered: the letter goes to whatever address somebody typed.
        $strange = $person instanceof Pass && !$person->hasAnswered() && $occasion->isOpen();

        return new self(
            greeting: $strange ? self::greeting($person) : 'Dear ' . $person->name . ',',
            news: self::news($booking, $occasion, $reader, $what->by, $now),
            word: $what->note,
            facts: self::was($booking, $what->was) +
                MeetingFacts::of($booking, $reader, $now, strange: $strange) +
                ($off && $what->by === Party::Host && !$reader->isHost()
                    ? self::otherTimes($booking, $what->instead ?? self::free($booking, $now))
                    : []) +
                ($occasion === Occasion::Booked && $person instanceof Pass ? self::thatDay($booking, $person) : []),
            linkText: match (true) {
                $reader->isHost() => $occasion === Occasion::Asked
                    ? 'Answer this wish'
                    : 'See everybody who has booked',
                $off => 'Pick another time',
                $occasion === Occasion::ToConfirm => 'Yes, this is my address: book it',
                default => 'Your pass: look it up, move it, or give the time back',
            },
            link: match (true) {
                !($person instanceof Pass) => url('/staff/sheets/' . $booking->sheet_id),
                $off && $booking->pass_id === $person->id => $booking->sheet->linkFor($person),
                $occasion === Occasion::ToConfirm => $person->confirmLink((string) $person->email),
                default => $person->linkTo($booking),
            },
            school: $booking->sheet->host->school->name,
        );
    }

    /** @return array<string, string> the time that a meeting had before it was moved */
    private static function was(Booking $booking, ?int $was): array
    {
        $zone = $booking->sheet->host->school->timeZone();

        return $was === null ? [] : ['No longer' => Spell::moment($was, $zone)];
    }

    private static function heldUntil(Booking $booking): string
    {
        return self::moment($booking, $booking->held_until);
    }

    private static function moment(Booking $booking, ?CarbonImmutable $at): string
    {
        return Spell::moment((int) $at?->getTimestamp(), $booking->sheet->host->school->timeZone());
    }

    /** @return array<string, string> what else is on the pass that day: the last message of a sitting holds the whole plan */
    private static function thatDay(Booking $booking, Pass $pass): array
    {
        $zone = $booking->sheet->host->school->timeZone();
        $day = $zone->dateAt($booking->span()->start);
        $others = $pass
            ->bookings()
            ->whereKeyNot($booking->id)
            ->where('state', BookingState::Booked)
            ->where('starts_at', '>=', Instant::column($zone->instant($day, 0)))
            ->where('starts_at', '<', Instant::column($zone->instant($day->plusDays(1), 0)))
            ->with(['host', 'place'])
            ->orderBy('starts_at')
            ->limit(20)
            ->get()
            ->map(
                static fn(Booking $one): string => Spell::time($one->span()->start, $zone) .
                    ' ' .
                    $one->host->name .
                    ', ' .
                    $one->place->label,
            );

        return $others->isEmpty() ? [] : ['Also that day' => $others->implode('; ')];
    }

    /** @return list<Span> what is free instead, for whoever has just lost a time */
    private static function free(Booking $booking, int $now): array
    {
        $start = $booking->span()->start;

        return Judge::around($start, $booking->sheet, $now, Asking::moving($booking))->nearestFree(
            $start,
            Judge::NEAREST,
        );
    }

    /**
     * @param  list<Span>  $free
     * @return array<string, string>
     */
    private static function otherTimes(Booking $booking, array $free): array
    {
        $zone = $booking->sheet->host->school->timeZone();

        return $free === []
            ? []
            : [
                'Free just now' => Spell::list(
                    array_map(
                        static fn(Span $slot): string => Spell::shortDate($zone->dateAt($slot->start)) .
                            ' ' .
                            Spell::time($slot->start, $zone),
                        $free,
                    ),
                ),
            ];
    }

    private static function news(Booking $booking, Occasion $occasion, Reader $reader, Party $by, int $now): string
    {
        $host = $booking->host->name;
        $visitor = $booking->pass->name;
        $guest = !$reader->isHost() && $reader->person()->id !== $booking->pass_id;
        $office = $by === Party::Office ? ' The office did this for you.' : '';

        return match ($occasion) {
            Occasion::Booked => match (true) {
                $reader->isHost() => $by === Party::Office
                    ? "The office has booked a time with you for $visitor."
                    : "$visitor has booked a time with you.",
                $guest => "$visitor is bringing you to this meeting.",
                default => 'This time is yours.' . $office,
            },
            Occasion::ToConfirm => 'This time is kept for you until ' .
                self::moment($booking, $booking->confirm_until) .
                '. One press on the address below and it is booked.' .
                ' If you have asked for no time, do nothing: it is free again then.',
            Occasion::Lapsed => 'This time was kept for you and is free again.',
            Occasion::MovedAway
                => "This meeting is with {$booking->host->name} now, at another time. Your time is free again.",
            Occasion::Asked => $reader->isHost()
                ? "$visitor asks for a time with you. It is held until " . self::heldUntil($booking) . '.'
                : "You have asked for this time. It is held for you until $host answers, at the longest until " .
                    self::heldUntil($booking) .
                    '.',
            Occasion::Accepted => $reader->isHost()
                ? "You have accepted {$visitor}’s wish."
                : "$host has accepted: this time is yours.",
            Occasion::Maybe => $reader->isHost()
                ? "You have said maybe to $visitor."
                : "$host says maybe. The time is held for you until " . self::heldUntil($booking) . '.',
            Occasion::Declined => $reader->isHost()
                ? "You have declined {$visitor}’s wish."
                : "$host cannot meet you at this time. Other times may be free.",
            Occasion::Moved => match (true) {
                $booking->held_until !== null && !$reader->isHost()
                    => "The time you asked for is another one now. It is held for you until $host answers, at the longest until " .
                    self::heldUntil($booking) .
                    '.',
                $by === Party::Host && !$reader->isHost() => "$host had to move this meeting. This is the new time.",
                $by === Party::Host => 'You have moved this meeting.',
                $reader->isHost() => "$visitor has moved this meeting.",
                default => 'This meeting is moved. This is the new time.' . $office,
            },
            Occasion::Cancelled => match (true) {
                $by === ($reader->isHost() ? Party::Host : Party::Visitor) => $reader->isHost()
                    ? 'You have cancelled this meeting. The time is free for others again.'
                    : ($guest
                        ? "$visitor has given this time back."
                        : 'You have given this time back. It is free for others again.'),
                $by === Party::Host => "$host had to cancel this meeting. We are sorry.",
                $by === Party::Office && !$reader->isHost() => 'The office has given this time back for you.',
                default => "$visitor has given this time back. It is free again.",
            },
            Occasion::LinkAdded => $reader->isHost()
                ? 'The video link is there.'
                : 'The video link for this meeting is there.',
            Occasion::LinkChanged => 'The video link of this meeting is another one now. The old one no longer counts.',
            Occasion::PlaceChanged => 'This meeting is at another place now.',
            Occasion::AnswersChanged => "$visitor has changed what they told you.",
            Occasion::Reminder => 'This meeting is ' .
                Spell::ahead($booking->span()->start, $now, $booking->sheet->host->school->timeZone()) .
                '.',
            Occasion::GuestBrought => match (true) {
                $guest => "$visitor is bringing you to this meeting.",
                $reader->isHost() => "$visitor is bringing somebody to this meeting.",
                default => 'You are bringing somebody to this meeting. They have a pass of their own.',
            },
            Occasion::GuestLeft => $guest
                ? 'You are not part of this meeting any more. The meeting itself stays.'
                : 'A guest will not come to this meeting; the meeting itself stays.',
        };
    }
}
