<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Words;
use App\Models\Waiting;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Queue\SerializesModels;

/** Somebody would like to be told when a time comes free: one press in this message puts them in line. */
final class PlaceInLine extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 6;

    public function __construct(private readonly Waiting $waiting)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Words::say('booking.line_subject', ['host' => $this->waiting->sheet->host->name]));
    }

    public function headers(): Headers
    {
        return Envelopes::headers("line.{$this->waiting->id}", $this->waiting->link());
    }

    public function content(): Content
    {
        $sheet = $this->waiting->sheet;

        return new Content(html: 'mail.html', text: 'mail.text', with: ['letter' => new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->waiting->pass->name]),
            news: Words::say('booking.line_news'),
            word: '',
            facts: ['What' => $sheet->title, 'With' => $sheet->host->name.' ('.$sheet->host->subject.')'],
            linkText: Words::say('booking.line_press'),
            link: $this->waiting->link(),
            school: $sheet->host->school->name,
        )]);
    }
}
