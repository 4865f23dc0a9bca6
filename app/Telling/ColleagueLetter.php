<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\StaffMember;

/** A letter between colleagues about a sheet that both are on. */
final class ColleagueLetter extends Message
{
    public function __construct(
        private readonly StaffMember $reader,
        private readonly Sheet $sheet,
        private readonly string $said,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->reader);
    }

    protected function heading(): string
    {
        return $this->sheet->title;
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->reader->name]),
            news: $this->said,
            word: '',
            facts: [],
            linkText: Words::say('colleagues.sheet'),
            link: url("/staff/sheets/{$this->sheet->id}"),
            school: $this->reader->school->name,
        );
    }
}
