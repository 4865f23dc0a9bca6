<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Spell;
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
            $said =
                $booking->state->value .
                ': ' .
                $booking->pass->name .
                ($booking->student === '' ? '' : ", about $booking->student");
            $lines[$when] = isset($lines[$when]) ? $lines[$when] . '; ' . $said : $said;
        }

        return $lines;
    }

    protected function heading(): string
    {
        return 'Your meetings: ' . Spell::count(count($this->news), 'time has', 'times have') . ' something new';
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: 'Dear ' . $this->host->name . ',',
            news: 'This is new since yesterday.',
            word: '',
            facts: $this->news,
            linkText: 'See your sheets',
            link: url('/staff/sheets'),
            school: $this->host->school->name,
        );
    }
}
