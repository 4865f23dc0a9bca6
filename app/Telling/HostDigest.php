<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\StaffMember;

/** What is new about a host's meetings, once a day. */
final class HostDigest extends Message
{
    /** @param  array<string, string>  $news  when => what */
    public function __construct(private readonly StaffMember $host, private readonly array $news) {}

    /**
     * @param  iterable<Booking>  $bookings
     * @return array<string, string>
     */
    public static function lines(iterable $bookings): array
    {
        $lines = [];
        foreach ($bookings as $booking) {
            $zone = $booking->sheet->host->school->timeZone();
            $when =
                Spell::shortDate($zone->dateAt($booking->span()->start)) .
                ' ' .
                Spell::time($booking->span()->start, $zone);
            $said = Words::say('news.digest_line', [
                'state' => $booking->state->value,
                'who' => $booking->pass->name,
                'about' => $booking->student === '' ? 'none' : 'somebody',
                'student' => $booking->student,
            ]);
            $lines[$when] = isset($lines[$when]) ? $lines[$when] . '; ' . $said : $said;
        }

        return $lines;
    }

    protected function reading(): Reading
    {
        return Reading::of($this->host);
    }

    protected function heading(): string
    {
        return Words::say('news.digest_heading', ['times' => count($this->news)]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->host->name]),
            news: Words::say('news.digest'),
            word: '',
            facts: $this->news,
            linkText: Words::say('news.digest_link'),
            link: url('/staff/sheets'),
            school: $this->host->school->name,
        );
    }
}
