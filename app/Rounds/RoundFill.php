<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\SchoolClass;
use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\LinkMode;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\Sheet;
use App\Plans\Shortlist;
use Illuminate\Support\Facades\DB;

/** While a round runs: how full it is, whose families have not booked, who is over full, which rooms are used twice. */
final class RoundFill
{
    /** @return RoundFillShape as RoundFill in docs/formats/recess.openapi.yaml */
    public static function of(Round $round, int $now): array
    {
        if ($round->published_at === null) {
            return [
                'taken' => 0,
                'slots' => 0,
                'hosts' => [],
                'classes' => [],
                'twice' => [],
                'without_link' => '',
                'ground' => '',
                'gone' => '',
                'due' => 0,
                'due_said' => '',
            ];
        }
        $sheets = $round->openSheets();
        $dates = $round->dates();
        $taken = array_map(
            intval(...),
            DB::table('bookings')
                ->whereIn('sheet_id', array_column($sheets, 'id'))
                ->whereNotNull('hold_id')
                ->selectRaw('sheet_id, COUNT(*) AS taken')
                ->groupBy('sheet_id')
                ->pluck('taken', 'sheet_id')
                ->all(),
        );
        $hosts = $rooms = [];
        foreach ($sheets as $sheet) {
            // What is closed by hand is nobody's time, but for who had booked it before.
            $open =
                $sheet->toCore()->count($dates->first, $dates->last->plusDays(1)) -
                $sheet->slotChanges->where('closed', true)->count();
            $booked = $taken[$sheet->id] ?? 0;
            $isAway = $open <= $booked && $sheet->slotChanges->contains('away', true);
            $hosts[] = [
                'sheet' => $sheet->id,
                'name' => $sheet->host->name,
                'taken' => $booked,
                'slots' => max($booked, $open),
                'away' => $isAway,
            ];
            $place = $sheet->places->first();
            if ($place?->kind === PlaceKind::Room) {
                $rooms[$place->label][] = $sheet->host->name;
            }
        }

        return [
            'taken' => array_sum($taken),
            'slots' => array_sum(array_column($hosts, 'slots')),
            'hosts' => $hosts,
            'classes' => self::classes($round),
            'twice' => self::twice($rooms),
            'without_link' => self::withoutLink($sheets),
            'ground' => self::ground($round),
            'gone' => self::gone($round, $sheets),
            ...self::due($round, $now),
        ];
    }

    /** @param  array<Sheet>  $sheets */
    private static function withoutLink(array $sheets): string
    {
        $names = [];
        foreach ($sheets as $sheet) {
            $place = $sheet->places->first();
            if ($place?->kind === PlaceKind::Video && $place->link === null && $place->link_mode === LinkMode::One) {
                $names[] = $sheet->host->name;
            }
        }

        return $names === []
            ? ''
            : Words::say('rounds.without_link', [
                'count' => count($names),
                'names' => Spell::list(array_slice($names, 0, 10)),
            ]);
    }

    /**
     * Whose wishes name somebody who is not in it any more.
     *
     * @param  array<string, Sheet>  $sheets
     */
    private static function gone(Round $round, array $sheets): string
    {
        if (!$round->isCollecting() || ($round->gone ?? []) === []) {
            return '';
        }
        $families = Shortlist::sent($round)
            ->get()
            ->map(static fn(Shortlist $one): array => $one->gone($round, $sheets))
            ->filter();

        return $families->isEmpty()
            ? ''
            : Words::say('rounds.wished_gone', [
                'count' => $families->count(),
                'names' => Spell::list(array_values($families->flatten()->unique()->all())),
            ]);
    }

    /** Who cannot climb stairs: the office finds them rooms. */
    private static function ground(Round $round): string
    {
        $names = Shortlist::onTheGround($round)->sort(Alphabet::by(static fn(string $name): string => $name))->values();

        return $names->isEmpty()
            ? ''
            : Words::say('rounds.ground', [
                'count' => $names->count(),
                'names' => Spell::list(array_values($names->take(20)->all())),
            ]);
    }

    /** @return array{due: int, due_said: string} who would be reminded now */
    private static function due(Round $round, int $now): array
    {
        $due = app(RemindFamilies::class)->due($round, $now);

        return [
            'due' => count($due['can']),
            'due_said' => Words::say('rounds.due_said', [
                'can' => count($due['can']),
                'lately' => $due['lately'],
                'cannot' => $due['cannot'],
            ]),
        ];
    }

    /**
     * @param  array<string, list<string>>  $rooms  who is in each
     * @return list<array{room: string, names: string}> those with more than one
     */
    private static function twice(array $rooms): array
    {
        $twice = array_filter($rooms, static fn(array $names): bool => count($names) > 1);

        return array_map(
            static fn(string|int $room, array $names): array => [
                'room' => (string) $room,
                'names' => Spell::list($names),
            ],
            array_keys($twice),
            $twice,
        );
    }

    /** @return list<array{id: int, name: string, students: int, missing: int}> by class: of how many nothing was heard */
    private static function classes(Round $round): array
    {
        return SchoolClass::counted($round->school_id, $round->classes, Unheard::all($round), Unheard::in($round));
    }
}
