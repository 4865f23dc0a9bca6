<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Spell;
use App\Models\Booking;
use App\Models\StaffMember;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Queue\SerializesModels;

/** What is new about a host's meetings, once a day. */
final class HostDigest extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 6;

    /** @param  array<string, string>  $news  when => what */
    public function __construct(private readonly StaffMember $host, private readonly array $news)
    {
    }

    /**
     * @param  iterable<Booking>  $bookings
     * @return array<string, string>
     */
    public static function lines(iterable $bookings): array
    {
        $lines = [];
        foreach ($bookings as $booking) {
            $zone = $booking->sheet->host->school->timeZone();
            $when = Spell::shortDate($zone->dateAt($booking->span()->start)).' '.Spell::time($booking->span()->start, $zone);
            $said = $booking->state->value.': '.$booking->pass->name.($booking->student === '' ? '' : ", about $booking->student");
            $lines[$when] = isset($lines[$when]) ? $lines[$when].'; '.$said : $said;
        }

        return $lines;
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'Your meetings: '.Spell::count(count($this->news), 'time has', 'times have').' something new');
    }

    public function headers(): Headers
    {
        return Envelopes::headers(null);
    }

    public function content(): Content
    {
        return new Content(html: 'mail.html', text: 'mail.text', with: ['letter' => new Letter(
            greeting: 'Dear '.$this->host->name.',', news: 'This is new since yesterday.', word: '', facts: $this->news,
            linkText: 'See your sheets', link: url('/staff'), school: $this->host->school->name,
        )]);
    }
}
