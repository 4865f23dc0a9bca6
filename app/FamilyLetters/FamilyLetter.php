<?php

declare(strict_types=1);

namespace App\FamilyLetters;

use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Sheet;
use App\Telling\Letter;
use App\Telling\Message;
use App\Timetables\Sentence;

/** Invites a family to pick a time on a sheet that is for them. */
final class FamilyLetter extends Message
{
    public function __construct(
        private readonly Pass $pass,
        private readonly Sheet $sheet,
        private readonly string $students,
        private readonly string $text,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('sheets.letter_heading', [
            'title' => Version::title($this->sheet),
            'host' => $this->sheet->host->name,
        ]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('sheets.letter_news', ['host' => $this->sheet->host->name, 'students' => $this->students]),
            word: $this->text,
            facts: [
                Version::title($this->sheet) => implode(' ', array_map(Sentence::of(...), $this->sheet->coreBlocks())),
            ],
            linkText: Words::say('sheets.letter_link'),
            link: $this->sheet->linkFor($this->pass),
            school: $this->sheet->host->school->name,
        );
    }
}
