<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Telling\Letter;
use App\Telling\Message;
use App\Timetables\Sentence;

/** Invites a family to a round, or reminds it, with the link that is theirs. */
final class RemindLetter extends Message
{
    public function __construct(
        private readonly Pass $pass,
        private readonly Round $round,
        private readonly string $students,
        private readonly string $text,
        private readonly int $at,
        /** Whether they have heard nothing of it before. */
        private readonly bool $first = false,
    ) {}

    protected function identity(): string
    {
        return "round-reminder.{$this->round->id}.{$this->pass->id}.$this->at";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say($this->first ? 'rounds.invite_heading' : 'rounds.remind_heading', [
            'title' => Version::title($this->round),
            'collects' => $this->round->isCollecting() ? 'yes' : 'no',
        ]);
    }

    protected function letter(): Letter
    {
        $news = Words::say($this->round->isCollecting() ? 'rounds.remind_news_wish' : 'rounds.remind_news_book', [
            'students' => $this->students,
            'moment' => Spell::moment(
                (int) $this->round->wishes_until?->getTimestamp(),
                $this->round->school->timeZone(),
            ),
        ]);

        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: $news,
            word: $this->text,
            facts: [
                Version::title($this->round) => implode(' ', array_map(Sentence::of(...), $this->round->coreBlocks())),
            ],
            linkText: Words::say('rounds.remind_link'),
            link: $this->round->linkFor($this->pass),
            school: $this->round->school->name,
        );
    }
}
