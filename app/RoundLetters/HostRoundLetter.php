<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Sheet;
use App\Telling\Letter;
use App\Telling\Message;
use Illuminate\Queue\Attributes\WithoutRelations;

/** A teacher's meetings of a round at once, and not one letter for each. */
final class HostRoundLetter extends Message
{
    public function __construct(#[WithoutRelations] private readonly Sheet $sheet) {}

    protected function reading(): Reading
    {
        return Reading::of($this->sheet->host);
    }

    protected function heading(): string
    {
        return Words::say('allotting.host_heading', ['title' => $this->sheet->title]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->sheet->host->name]),
            word: '',
            facts: [],
            news: Words::say('allotting.host_news', [
                'count' => $this->sheet->bookings()->whereNotNull('hold_id')->count(),
            ]),
            linkText: Words::say('allotting.host_link'),
            link: url("/staff/sheets/{$this->sheet->id}"),
            school: $this->sheet->host->school->name,
        );
    }
}
