<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Plans\Shortlist;
use App\Telling\Letter;
use App\Telling\Message;

/** A family's wishes as they are with the school when the letter goes out. */
final class WishesLetter extends Message
{
    public function __construct(private readonly Pass $pass, private readonly Round $round) {}

    protected function clock(): ?int
    {
        return $this->pass->clock;
    }

    protected function heading(): string
    {
        return Words::say('allotting.wishes_heading', ['title' => $this->round->title]);
    }

    protected function letter(): Letter
    {
        $picks =
            Shortlist::query()
                ->where(['round_id' => $this->round->id, 'pass_id' => $this->pass->id])
                ->first()->wished['picks'] ?? [];
        $sheets = Sheet::query()->whereIn('slug', array_column($picks, 'sheet'))->with('host')->get()->keyBy('slug');
        $facts = [];
        foreach ($picks as $i => $pick) {
            $facts[Words::say('allotting.wishes_rank', ['rank' => $i + 1])] = Words::say('allotting.wishes_row', [
                'host' => $sheets->get($pick['sheet'])->host->name ?? $pick['sheet'],
                'student' => $pick['student'] === '' || !$this->pass->hasAnswered() ? 'none' : $pick['student'],
            ]);
        }
        $confirm =
            $this->pass->email !== null &&
            $this->pass->confirmed_at === null &&
            $this->round->school->confirm_addresses;

        return new Letter(
            greeting: Letter::greeting($this->pass),
            word: '',
            facts: $facts,
            news: Words::say($confirm ? 'allotting.wishes_to_confirm' : 'allotting.wishes_news', [
                'count' => count($picks),
                'moment' => Spell::moment(
                    (int) $this->round->wishes_until?->getTimestamp(),
                    $this->round->school->timeZone(),
                ),
            ]),
            linkText: Words::say($confirm ? 'allotting.wishes_confirm' : 'allotting.wishes_link'),
            link: $confirm ? $this->pass->confirmLink((string) $this->pass->email) : $this->round->linkFor($this->pass),
            school: $this->round->school->name,
        );
    }
}
