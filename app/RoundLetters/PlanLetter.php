<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Models\Round;
use App\Telling\Letter;
use App\Telling\Meetings;
use App\Telling\Message;
use Illuminate\Mail\Mailables\Attachment;

/** A family's whole plan in one letter, as it stands when the letter goes out. */
final class PlanLetter extends Message
{
    /** @param  list<int>  $bookings */
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly array $bookings,
        /** So many of them stood before, at another time. */
        private readonly int $moved = 0,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('rounds.kept_heading', [
            'title' => Version::title($this->round),
            'moved' => $this->moved,
        ]);
    }

    protected function letter(): Letter
    {
        $bookings = Meetings::still($this->bookings);
        $kept = $bookings->contains(static fn(Booking $one): bool => $one->state === BookingState::Kept);
        $facts = Meetings::facts($bookings, strange: $kept);

        return new Letter(
            greeting: $kept ? Letter::greeting($this->pass) : Words::say('booking.dear', ['name' => $this->pass->name]),
            word: '',
            facts: $facts,
            news: Words::say($kept ? 'rounds.kept_to_confirm' : 'rounds.kept_news', [
                'count' => $bookings->count(),
                'moved' => $this->moved,
            ]),
            linkText: Words::say($kept ? 'rounds.kept_confirm' : 'rounds.kept_link'),
            link: $kept ? $this->pass->confirmLink((string) $this->pass->email) : $this->pass->linkTo($this->round),
            school: $this->round->school->name,
        );
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return Meetings::file(Meetings::still($this->bookings), $this->pass);
    }
}
