<?php

declare(strict_types=1);

namespace App\Telling;

use App\Answers\EntrySent;
use App\Answers\TakeBounce;
use App\Calendars\AnswerAddress;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Undoable;
use App\Models\School;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Mail\SentMessage;
use Illuminate\Queue\SerializesModels;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mime\Address as Sender;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\Multipart\AlternativePart;
use Symfony\Component\Mime\Part\TextPart;

/** A message of ours: a letter as text and HTML, written when it goes out, on the clock of its reader. */
abstract class Message extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    /** While it goes out. */
    private ?Letter $written = null;

    public int $tries = WriteLetters::TRIES;

    /** The key of a change that can be taken back; then there is nothing to tell. */
    public ?string $change = null;

    /** @return list<int> seconds to wait before each new attempt */
    public function backoff(): array
    {
        return WriteLetters::PAUSES;
    }

    /** An address that the mail server refuses for good is not tried again; whatever else it refuses is. */
    public function send($mailer): ?SentMessage
    {
        if (Undoable::wasTakenBack($this->change) || $this->isMoot()) {
            return null;
        }
        try {
            return parent::send($mailer);
        } catch (TransportExceptionInterface $failure) {
            if (!ServerSaid::nobodyThere($failure)) {
                throw $failure;
            }
            $this instanceof HostHears ? $this->failed($failure) : Unsent::refused($this, $failure);

            return null;
        }
    }

    /** Whether what it says is over by now: it may have been tried for days. */
    protected function isMoot(): bool
    {
        return false;
    }

    /** The school whose letter it is; null where its name is that of several. */
    public function school(): ?int
    {
        $ids = School::query()->where('name', $this->letter()->school)->limit(2)->pluck('id');

        return $ids->count() === 1 ? (int) $ids->first() : null;
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
    abstract protected function reading(): Reading;

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
        $reading = $this->reading();
        $this->written = $reading->hears($this->letter(...));

        return new Content(
            html: 'mail.html',
            text: 'mail.text',
            with: ['letter' => $this->written, 'reading' => $reading],
        );
    }

    /** What it asks its reader's calendar to do; null for nothing. */
    protected function entry(): ?CalendarEntry
    {
        return null;
    }

    /** @return list<CalendarEntry> what it asks besides: of several meetings one for each, as files of their own */
    protected function entries(): array
    {
        return [];
    }

    public function build(): void
    {
        $this->withSymfonyMessage($this->signBySchool(...));
        $this->withSymfonyMessage($this->addEntry(...));
        $this->withSymfonyMessage($this->addEntries(...));
    }

    /** It comes from the school that it is of, by its name; at which address, whoever runs it says. */
    private function signBySchool(Email $message): void
    {
        $school = $this->written->school ?? '';
        foreach ($message->getFrom() as $from) {
            $message->from(new Sender($from->getAddress(), $school));
        }
        // A letter that cannot be delivered comes back to where somebody reads it (RFC 5321, 4.4).
        foreach ($message->getTo() as $to) {
            $back = AnswerAddress::of(TakeBounce::OF, $to->getAddress());
            if ($back !== null) {
                $message->returnPath($back);
            }
        }
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
        self::noteSent($entry, $message);
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

    private function addEntries(Email $message): void
    {
        foreach ($this->reading()->hears(fn(): array => $this->entries()) as $number => $entry) {
            self::noteSent($entry, $message);
            $message->attach(
                $entry->text,
                sprintf('meeting-%d.ics', $number + 1),
                "text/calendar; charset=utf-8; method=$entry->method",
            );
        }
    }

    /** From where it went, and from there alone, it can be answered; where nobody reads answers, there is nothing to know. */
    private static function noteSent(CalendarEntry $entry, Email $message): void
    {
        foreach ($entry->sequence === null || !AnswerAddress::isRead() ? [] : $message->getTo() as $to) {
            EntrySent::note($entry->uid, $to->getAddress(), (int) $entry->sequence, Clock::now());
        }
    }
}
