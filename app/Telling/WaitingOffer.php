<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Reach;
use App\Models\Secret;
use App\Models\Waiting;
use Recess\Time\Span;

/** A time has come free: it is kept for the next in line for a while. */
final class WaitingOffer extends Message
{
    public function __construct(
        private readonly Waiting $waiting,
        private readonly string $key,
        private readonly int $start,
        private readonly int $end,
        private readonly int $until,
    ) {}

    protected function heading(): string
    {
        $zone = $this->waiting->sheet->host->school->timeZone();

        return Words::say('booking.offer_heading', [
            'when' => Spell::shortDate($zone->dateAt($this->start)) . ' ' . Spell::time($this->start, $zone),
            'host' => $this->waiting->sheet->host->name,
        ]);
    }

    /** The time is kept for them no longer. */
    protected function isMoot(): bool
    {
        return $this->until <= Clock::now();
    }

    protected function identity(): string
    {
        return "waiting.{$this->waiting->id}.$this->start." . substr(Secret::hash($this->key), 0, 12);
    }

    protected function leave(): string
    {
        return $this->waiting->link();
    }

    protected function reading(): Reading
    {
        return Reading::of($this->waiting->pass);
    }

    protected function letter(): Letter
    {
        $sheet = $this->waiting->sheet;
        $zone = $sheet->host->school->timeZone();

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->waiting->pass->name]),
            news: Words::say('booking.offer_news', ['until' => Spell::moment($this->until, $zone)]),
            word: '',
            facts: [
                Words::say('booking.offer_what') => Version::title($sheet),
                Words::say('booking.offer_when') => Spell::slot(Span::of($this->start, $this->end), $zone),
                Words::say('booking.offer_with') => $sheet->host->name . ' (' . $sheet->host->subject . ')',
            ],
            linkText: Words::say('booking.offer_take'),
            link: $sheet->link() .
                '?' .
                http_build_query(
                    [
                        'slot' => SlotKey::of($this->start),
                        'kept' => $this->key,
                        'pass' => $this->waiting->pass->within(Reach::sheet($sheet))->token(),
                    ] + $this->waiting->wants()->inAddress($sheet),
                ),
            school: $sheet->host->school->name,
            // A page with one press: a letter that is only looked at declines nothing.
            buttons: [['text' => Words::say('booking.offer_decline'), 'link' => $this->waiting->link()]],
        );
    }
}
