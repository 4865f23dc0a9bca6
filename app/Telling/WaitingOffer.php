<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Models\Secret;
use App\Models\Waiting;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Queue\SerializesModels;
use Recess\Time\Span;

/** A time has come free: it is kept for the next in line for a while. */
final class WaitingOffer extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 6;

    public function __construct(
        private readonly Waiting $waiting,
        private readonly string $key,
        private readonly int $start,
        private readonly int $end,
        private readonly int $until,
    ) {
    }

    public function envelope(): Envelope
    {
        $zone = $this->waiting->sheet->host->school->timeZone();

        return new Envelope(subject: 'A time is free: '.Spell::shortDate($zone->dateAt($this->start)).' '.Spell::time($this->start, $zone).' with '.$this->waiting->sheet->host->name);
    }

    public function headers(): Headers
    {
        return Envelopes::headers("waiting.{$this->waiting->id}.$this->start.".substr(Secret::hash($this->key), 0, 12), $this->waiting->link());
    }

    public function content(): Content
    {
        $sheet = $this->waiting->sheet;
        $zone = $sheet->host->school->timeZone();

        return new Content(html: 'mail.html', text: 'mail.text', with: ['letter' => new Letter(
            greeting: 'Dear '.$this->waiting->pass->name.',',
            news: 'A time has come free. It is kept for you until '.Spell::moment($this->until, $zone).'.',
            word: '',
            facts: ['What' => $sheet->title, 'When' => Spell::slot(Span::of($this->start, $this->end), $zone), 'With' => $sheet->host->name.' ('.$sheet->host->subject.')'],
            linkText: 'Take this time',
            link: $sheet->link().'?'.http_build_query(['slot' => SlotKey::of($this->start), 'kept' => $this->key, 'pass' => $this->waiting->pass->token()]),
            school: $sheet->host->school->name,
        )]);
    }
}
