<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Plans\HoursOn;
use App\Plans\Shortlist;
use App\Telling\Letter;
use App\Telling\Message;
use App\Timetables\Interpreters;
use Recess\Time\Zone;

/** A family's wishes as they are with the school when the letter goes out. */
final class WishesLetter extends Message
{
    public function __construct(private readonly Pass $pass, private readonly Round $round) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('allotting.wishes_heading', ['title' => Version::title($this->round)]);
    }

    protected function letter(): Letter
    {
        $wished = Shortlist::of($this->round->id, $this->pass->id)->wished ?? [];
        $picks = $wished['picks'] ?? [];
        $sheets = Sheet::query()->whereIn('slug', array_column($picks, 'sheet'))->with('host')->get()->keyBy('slug');
        $facts = [];
        foreach ($picks as $i => $pick) {
            $facts[Words::say('allotting.wishes_rank', ['rank' => $i + 1])] = Words::say('allotting.wishes_row', [
                'host' => $sheets->get($pick['sheet'])->host->name ?? $this->round->wasCalled($pick['sheet']),
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
            facts: $facts + ($picks === [] ? [] : self::needs($wished, $this->round->school->timeZone())),
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

    /**
     * When they can come, and what they need.
     *
     * @param  array<string, mixed>  $wished  as Shortlist in docs/formats/recess.openapi.yaml
     * @return array<string, string>
     */
    private static function needs(array $wished, Zone $zone): array
    {
        $hours = [];
        foreach (is_array($wished['windows'] ?? null) ? $wished['windows'] : [] as $one) {
            $span = HoursOn::of($one)->span($zone);
            $span === null ||
                ($hours[] = Words::say('allotting.wishes_hours', [
                    'day' => Spell::shortDate($zone->dateAt($span->start)),
                    'from' => Spell::time($span->start, $zone),
                    'until' => Spell::time($span->end, $zone),
                ]));
        }
        $needs = array_filter([
            ($wished['interpreter'] ?? '') === ''
                ? ''
                : Words::say('allotting.wishes_interpreter', [
                    'language' =>
                        Interpreters::name((string) $wished['interpreter']) ?? (string) $wished['interpreter'],
                ]),
            ($wished['ground'] ?? false) === true ? Words::say('allotting.wishes_ground') : '',
            ($wished['breather'] ?? 0) > 0
                ? Words::say('allotting.wishes_break', ['n' => (int) $wished['breather']])
                : '',
        ]);

        return array_filter([
            Words::say('allotting.wishes_when') => implode('; ', $hours),
            Words::say('allotting.wishes_needs') => Spell::row($needs),
        ]);
    }
}
