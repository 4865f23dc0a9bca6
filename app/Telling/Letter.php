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
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Judge;
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
            greeting: $strange ? self::greeting($person) : Words::say('booking.dear', ['name' => $person->name]),
            news: self::news($booking, $what, $reader, $now),
            word: $what->note,
            facts: self::was($booking, $what->was) +
                MeetingFacts::of($booking, $reader, $now, strange: $strange) +
                ($off && $what->by->side === Party::Host && !$reader->isHost()
                    ? self::otherTimes($booking, $what->instead ?? self::free($booking, $now))
                    : []) +
                ($occasion === Occasion::Booked && $person instanceof Pass ? self::thatDay($booking, $person) : []),
            linkText: Words::say('news.link.' . self::press($booking, $occasion, $person, $now)),
            link: match (true) {
                !($person instanceof Pass) => url('/staff/sheets/' . $booking->sheet_id),
                $off && $booking->pass_id === $person->id => $booking->sheet->linkFor($person),
                $occasion === Occasion::ToConfirm => $person->confirmLink((string) $person->email),
                default => $person->linkTo($booking),
            },
            school: $booking->sheet->host->school->name,
        );
    }

    /** What its reader may do where the letter leads, and nothing that they may not. */
    public static function press(Booking $booking, Occasion $occasion, Pass|StaffMember $person, int $now): string
    {
        return match (true) {
            $person instanceof StaffMember => $occasion === Occasion::Asked ? 'answer' : 'everybody',
            $occasion->isOff() => $booking->pass_id === $person->id ? 'another' : 'look',
            $occasion === Occasion::ToConfirm => 'confirm',
            !$booking->isAhead($now) || !$booking->isChangedBy($person) => 'look',
            // What was asked for is moved by asking for another time.
            $booking->sheet->kind === SheetKind::Knock => 'cancel',
            default => 'change',
        };
    }

    /** @return array<string, string> the time that a meeting had before it was moved */
    private static function was(Booking $booking, ?int $was): array
    {
        $zone = $booking->sheet->host->school->timeZone();

        return $was === null ? [] : [Words::say('news.was') => Spell::moment($was, $zone)];
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

        return $others->isEmpty() ? [] : [Words::say('news.that_day') => $others->implode('; ')];
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
                Words::say('news.free_now') => Spell::list(
                    array_map(
                        static fn(Span $slot): string => Spell::shortDate($zone->dateAt($slot->start)) .
                            ' ' .
                            Spell::time($slot->start, $zone),
                        $free,
                    ),
                ),
            ];
    }

    /** What happened, who did it, and what it means for whoever reads. */
    private static function news(Booking $booking, News $what, Reader $reader, int $now): string
    {
        $zone = $booking->sheet->host->school->timeZone();
        $person = $reader->person();
        $by = $what->by->said($booking, $person);
        $until = $booking->confirm_until ?? $booking->held_until;
        $about = $what->guest === null ? null : $booking->guests->firstWhere('pass_id', $what->guest)?->pass;

        return Words::say(
            'news.' .
                str_replace(' ', '_', $what->occasion->value) .
                match (true) {
                    $reader->isHost() => '.host',
                    $person->id === $booking->pass_id => '.visitor',
                    $person->id === $about?->id => '.about',
                    default => '.guest',
                },
            [
                'who' => $by['who'],
                'name' => $by['name'],
                'host' => $booking->host->name,
                'visitor' => $booking->pass->name,
                'guest' => $about->name ?? '',
                'held' => $booking->held_until === null ? 'no' : 'yes',
                'until' => $until === null ? '' : Spell::moment($until->getTimestamp(), $zone),
                'when' => Spell::ahead($booking->span()->start, $now, $zone),
            ],
        );
    }
}
