<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Waiting;

/** Somebody would like to be told when a time comes free: one press in this message puts them in line. */
final class PlaceInLine extends Message
{
    public function __construct(private readonly Waiting $waiting) {}

    protected function reading(): Reading
    {
        return Reading::of($this->waiting->pass);
    }

    protected function heading(): string
    {
        return Words::say('booking.line_subject', ['host' => $this->waiting->sheet->host->name]);
    }

    protected function identity(): string
    {
        return "line.{$this->waiting->id}";
    }

    protected function leave(): string
    {
        return $this->waiting->link();
    }

    protected function letter(): Letter
    {
        $sheet = $this->waiting->sheet;

        return new Letter(
            greeting: Words::say('booking.good_day'),
            news: Words::say('booking.line_news'),
            word: '',
            facts: [
                Words::say('said.fact_what') => Version::title($sheet),
                Words::say('said.fact_with') => $sheet->host->name . ' (' . $sheet->host->subject . ')',
            ],
            linkText: Words::say('booking.line_press'),
            link: $this->waiting->link(),
            school: $sheet->host->school->name,
        );
    }
}
