<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\Reader;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Booking;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Queue\Attributes\WithoutRelations;

/** What a host writes to those who came, or did not. */
final class AfterwardsLetter extends Message implements HostHears
{
    public function __construct(
        private readonly int $number,
        #[WithoutRelations] private readonly Booking $booking,
        private readonly string $about,
        private readonly string $text,
    ) {}

    /** Its host hears that it did not arrive, and can ring. */
    public function failed(\Throwable $failure): void
    {
        (new MailFailed())($this->booking, Reader::pass($this->booking->pass), $failure);
    }

    protected function identity(): string
    {
        return "after.$this->number.{$this->booking->id}";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->booking->pass);
    }

    protected function heading(): string
    {
        return $this->about;
    }

    /** @return list<Address> */
    protected function answersTo(): array
    {
        return [new Address($this->booking->host->email, $this->booking->host->name)];
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->booking->pass->name]),
            news: $this->text,
            word: '',
            facts: [],
            linkText: Words::say('day.after_link'),
            link: $this->booking->pass->linkTo($this->booking),
            school: $this->booking->sheet->host->school->name,
        );
    }
}
