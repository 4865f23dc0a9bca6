<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Booking;
use App\Models\Party;
use App\Wording\Spell;

/** The words of a message, the same for text and HTML. */
final readonly class Letter
{
    /** @param  array<string, string>  $facts name => value, in order */
    private function __construct(
        public string $greeting,
        public string $news,
        public string $word,
        public array $facts,
        public string $linkText,
        public string $link,
        public string $school,
    ) {
    }

    public static function about(Booking $booking, Occasion $occasion, Party $reader): self
    {
        $visitor = $reader === Party::Visitor;
        $host = $booking->sheet->host;

        return new self(
            greeting: 'Dear '.($visitor ? $booking->pass->name : $host->name).',',
            news: self::news($booking, $occasion, $reader),
            word: $occasion === Occasion::Cancelled ? $booking->cancel_note : '',
            facts: self::facts($booking, $reader),
            linkText: match (true) {
                ! $visitor => 'See everybody who has booked',
                $occasion === Occasion::Booked => 'Your pass: look it up, or give the time back',
                default => 'Pick another time',
            },
            link: match (true) {
                ! $visitor => url('/staff/sheets/'.$booking->sheet_id),
                $occasion === Occasion::Booked => $booking->pass->link(),
                default => $booking->sheet->link(),
            },
            school: $host->school->name,
        );
    }

    /**
     * What, when, where, about whom: what both sides need on the day.
     *
     * @return array<string, string>
     */
    public static function facts(Booking $booking, Party $reader): array
    {
        $host = $booking->sheet->host;
        $place = $booking->place;
        $facts = [
            'What' => $booking->sheet->title,
            'When' => Spell::slot($booking->span(), $host->school->timeZone()),
            'Where' => $place->label.($place->link === null ? '' : ': '.$place->link),
            'How to get there' => $place->directions,
            'With' => $reader === Party::Visitor ? "$host->name ($host->subject)" : $booking->pass->name,
            'About' => $booking->student,
            'Phone' => $reader === Party::Host ? $booking->pass->phone : '',
            'E-mail' => $reader === Party::Host ? $booking->pass->email : '',
        ];

        return array_filter($facts, static fn (string $value): bool => $value !== '');
    }

    private static function news(Booking $booking, Occasion $occasion, Party $reader): string
    {
        $host = $booking->sheet->host->name;
        $visitor = $booking->pass->name;
        $byReader = $booking->cancelled_by === $reader;

        return match (true) {
            $occasion === Occasion::Booked && $reader === Party::Visitor => 'This time is yours.',
            $occasion === Occasion::Booked => "$visitor has booked a time with you.",
            $byReader => 'You have given this time back. It is free for others again.',
            $reader === Party::Visitor => "$host had to cancel this meeting. We are sorry.",
            default => "$visitor has given this time back. It is free again.",
        };
    }
}
