<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Line\TimeOffer;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Queue\Attributes\WithoutRelations;

/** A host offers another time: it is kept, and one press on the pass takes it. */
final class OfferLetter extends Message implements HostHears
{
    private readonly int $number;

    private readonly int $starts;

    private readonly int $until;

    private readonly string $text;

    public function __construct(
        TimeOffer $offer,
        #[WithoutRelations] private readonly Booking $booking,
        #[WithoutRelations] private readonly Pass $pass,
    ) {
        $this->number = $offer->id;
        [$this->starts, $this->until, $this->text] = [
            $offer->starts_at->getTimestamp(),
            $offer->until->getTimestamp(),
            $offer->word,
        ];
    }

    /** Its host hears that it did not arrive, and can ring. */
    public function failed(\Throwable $failure): void
    {
        (new MailFailed())($this->booking, Reader::pass($this->booking->pass), $failure);
    }

    /** What was taken back, or answered on the pass by then, or is over, is told no more. */
    protected function isMoot(): bool
    {
        return $this->until <= Clock::now() || !TimeOffer::query()->whereKey($this->number)->exists();
    }

    protected function identity(): string
    {
        return "{$this->booking->uid}.offer.$this->starts.$this->until";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('day.offer_heading', ['host' => $this->booking->host->name]);
    }

    protected function letter(): Letter
    {
        $zone = $this->booking->sheet->host->school->timeZone();

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('day.offer_news', [
                'host' => $this->booking->host->name,
                'time' => Spell::moment($this->starts, $zone),
                'until' => Spell::moment($this->until, $zone),
            ]),
            word: $this->text,
            facts: [
                Words::say('day.offer_instead') =>
                    Version::title($this->booking->sheet) . ', ' . Spell::moment($this->booking->span()->start, $zone),
            ],
            linkText: Words::say('day.offer_link'),
            link: $this->pass->linkTo($this->booking),
            school: $this->booking->sheet->host->school->name,
        );
    }
}
