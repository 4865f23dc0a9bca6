<?php

declare(strict_types=1);

namespace App\Telling;

use App\Answers\EntrySent;
use App\Calendars\AnswerAddress;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Undoable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Mail\SentMessage;
use Illuminate\Queue\SerializesModels;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\Multipart\AlternativePart;
use Symfony\Component\Mime\Part\TextPart;

/** A message of ours: a letter as text and HTML, written when it goes out, on the clock of its reader. */
abstract class Message extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 6;

    /** The key of a change that can be taken back; then there is nothing to tell. */
    public ?string $change = null;

    public function send($mailer): ?SentMessage
    {
        return Undoable::wasTakenBack($this->change) ? null : parent::send($mailer);
    }

    /** Goes out once what it tells of cannot be taken back any more. */
    public function of(?string $change): static
    {
        $this->change = $change;

        return $change === null ? $this : $this->delay(Undoable::TOLD);
    }

    abstract protected function letter(): Letter;

    abstract protected function heading(): string;

    /** How its reader reads. */
    protected function reading(): Reading
    {
        return Reading::on(null);
    }

    /** One for each message, so that a second delivery of the same job is seen for what it is; null where a second one does no harm. */
    protected function identity(): ?string
    {
        return null;
    }

    /** Where its reader says that they want no more of these; null for what is about their own booking. */
    protected function leave(): ?string
    {
        return null;
    }

    /** @return list<Address> */
    protected function answersTo(): array
    {
        return [];
    }

    public function envelope(): Envelope
    {
        return new Envelope(replyTo: $this->answersTo(), subject: $this->reading()->hears($this->heading(...)));
    }

    public function headers(): Headers
    {
        return Envelopes::headers($this->identity(), $this->leave());
    }

    public function content(): Content
    {
        return new Content(
            html: 'mail.html',
            text: 'mail.text',
            with: ['letter' => $this->reading()->hears($this->letter(...))],
        );
    }

    /** What it asks its reader's calendar to do; null for nothing. */
    protected function entry(): ?CalendarEntry
    {
        return null;
    }

    public function build(): void
    {
        $this->withSymfonyMessage($this->addEntry(...));
    }

    /**
     * The entry stands beside text and HTML as a third way to say the same (RFC 6047, 2.4), which is where
     * calendar programs look for it.
     */
    private function addEntry(Email $message): void
    {
        $entry = $this->reading()->hears(fn(): ?CalendarEntry => $this->entry());
        if ($entry === null) {
            return;
        }
        // From there, and there alone, it can be answered; where nobody reads answers, there is nothing to know.
        foreach ($entry->sequence === null || !AnswerAddress::isRead() ? [] : $message->getTo() as $to) {
            EntrySent::note($entry->uid, $to->getAddress(), (int) $entry->sequence, Clock::now());
        }
        $calendar = new TextPart($entry->text, 'utf-8', 'calendar', 'base64');
        $calendar->getHeaders()->addParameterizedHeader('Content-Type', 'text/calendar', [
            'charset' => 'utf-8',
            'method' => $entry->method,
        ]);
        $message->setBody(
            new AlternativePart(
                new TextPart((string) $message->getTextBody()),
                new TextPart((string) $message->getHtmlBody(), 'utf-8', 'html'),
                $calendar,
            ),
        );
    }
}
