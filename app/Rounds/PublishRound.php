<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Spell;
use App\Models\Audience;
use App\Models\Instant;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\Writing\ForWhom;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Recess\Rules\Stated;

/** Makes the sheet of everybody who is in a round, and opens them all: all of them, or none. */
final class PublishRound
{
    public function __construct(private readonly WriteSheet $write, private readonly PublishSheet $publish) {}

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws RoundRefused when nobody is in it, or it is not said where to find somebody
     */
    public function __invoke(Round $round, int $now): Round
    {
        return Contended::transaction(function () use ($round, $now): Round {
            Guard::round($round->id);
            $round = Round::query()->findOrFail($round->id);
            if ($round->published_at !== null) {
                return $round;
            }
            $hosts = RoundHost::of($round);
            $hosts->isNotEmpty() || throw RoundRefused::because('nobody_in_it');
            $round->pieces() !== [] || throw RoundRefused::because('all_closed');
            $without = $hosts->reject(static fn(RoundHost $one): bool => $one->hasPlace());
            $without = $without->map(static fn(RoundHost $one): string => $one->host->name)->values()->all();
            if ($round->collects && (int) $round->wishes_until?->getTimestamp() <= $now) {
                throw RoundRefused::because('wishes_until_over');
            }
            $without === [] ||
                throw RoundRefused::because('no_place', [
                    'count' => count($without),
                    'names' => Spell::list(array_slice($without, 0, 5)),
                ]);
            foreach ($hosts as $host) {
                $this->sheetOf($host->setRelation('round', $round), $now);
            }
            $round->update(['state' => SheetState::Open, 'published_at' => Instant::column($now)]);

            return $round;
        });
    }

    /** The sheet of somebody in it: open as the round is. */
    public function sheetOf(RoundHost $host, int $now): void
    {
        $round = $host->round;
        $sheet = ($this->write)($host->host, self::statement($round, $host), $now);
        $sheet->update([
            'round_id' => $round->id,
            'language' => $round->language,
            'versions' => $round->versions,
        ]);
        self::closeAbsences($sheet, $host);
        // While wishes are collected nobody books: it opens with what is allotted.
        if (!$round->collects || $round->allotted_at !== null) {
            ($this->publish)($sheet->refresh(), $now);
        }
        $host->update(['sheet_id' => $sheet->id]);
    }

    public static function statement(Round $round, RoundHost $host): SheetStatement
    {
        $blocks = $round->coreBlocks();
        assert($blocks !== []);

        return new SheetStatement(
            title: $round->title,
            intro: $round->intro,
            blocks: $blocks,
            places: [
                new PlaceStatement(
                    $host->kind,
                    $host->label,
                    $host->link,
                    $host->directions,
                    id: $host->sheet?->places->first()?->id,
                ),
            ],
            questions: $round->questions,
            rules: self::rules($round, $host),
            forWhom: $round->families ? new ForWhom(Audience::Families, $round->classes) : new ForWhom(),
        );
    }

    /** What is common to all, the first of the openings, and how many meetings they can bear. */
    private static function rules(Round $round, RoundHost $host): Stated
    {
        $first = $round->cohorts === [] ? [] : ['opens_at' => min(array_column($round->cohorts, 'opens_at'))];

        return Stated::of([...$round->rules->toArray(), ...$first, 'per_day' => $host->most]);
    }

    /** Closes when they are not there, on a sheet on which nobody has booked. */
    public static function closeAbsences(Sheet $sheet, RoundHost $host): void
    {
        $sheet->slotChanges()->where('closed', true)->delete();
        $core = $sheet->toCore();
        foreach ($host->absences($core->zone) as $absence) {
            $date = $core->zone->dateAt($absence->start);
            foreach ($core->pieces($date, $date->plusDays(1)) as $pieces) {
                foreach ($pieces->slots as $slot) {
                    if ($slot->overlaps($absence)) {
                        $sheet->closeSlot($slot);
                    }
                }
            }
        }
    }
}
