<?php

declare(strict_types=1);

namespace App\FamilyLetters;

use App\Directory\Expected;
use App\Framework\Reading;
use App\Framework\Version;
use App\Framework\Words;
use App\Telling\Letter;
use App\Telling\Message;
use App\Timetables\Sentence;
use Illuminate\Queue\Attributes\WithoutRelations;

/** Invites whoever books for a student who is expected, or reminds them; the link knows about whom it is. */
final class ExpectedLetter extends Message
{
    public function __construct(
        #[WithoutRelations] private readonly Expected $expected,
        private readonly string $text,
        private readonly int $at,
        /** Whether they have heard nothing of it before. */
        private readonly bool $first = false,
    ) {}

    protected function identity(): string
    {
        return "expected.{$this->expected->id}.$this->at";
    }

    /** Of whoever books for somebody nobody knows more than the address. */
    protected function reading(): Reading
    {
        return Reading::on(null);
    }

    /** What did not arrive stands on the list. */
    public function failed(\Throwable $failure): void
    {
        $this->expected->update(['failure' => mb_strimwidth($failure->getMessage(), 0, 290, '…')]);
    }

    protected function heading(): string
    {
        $sheet = $this->expected->sheet;

        return Words::say('sheets.expected_heading', [
            'student' => $this->expected->name,
            'title' => Version::title($sheet),
            'host' => $sheet->host->name,
        ]);
    }

    protected function letter(): Letter
    {
        $sheet = $this->expected->sheet;

        return new Letter(
            greeting: Words::say('sheets.expected_dear', ['student' => $this->expected->name]),
            news: Words::say($this->first ? 'sheets.expected_invites' : 'sheets.expected_news', [
                'host' => $sheet->host->name,
                'student' => $this->expected->name,
            ]),
            word: $this->text,
            facts: [Version::title($sheet) => implode(' ', array_map(Sentence::of(...), $sheet->coreBlocks()))],
            linkText: Words::say('sheets.letter_link'),
            link: $this->expected->link(),
            school: $sheet->host->school->name,
        );
    }
}
