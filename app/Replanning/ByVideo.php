<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Rounds\RoundHost;
use App\Rounds\SetPart;
use App\School\SavedPlace;
use App\Writing\WorksheetData;

/** All of a round goes on by video, or back to where it was. Whoever has no link stays where they are, and is named. */
final class ByVideo
{
    public function __construct(private readonly SetPart $set) {}

    /** @return array{can: list<string>, cannot: list<string>} names of those who have a link, and of those who have none */
    public static function look(Round $round): array
    {
        $can = $cannot = [];
        foreach (RoundHost::of($round) as $host) {
            if ($host->kind === PlaceKind::Video || self::link($host) !== null || WorksheetData::makesRooms()) {
                $can[] = $host->host->name;
            } else {
                $cannot[] = $host->host->name;
            }
        }

        return ['can' => $can, 'cannot' => $cannot];
    }

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Round $round, string $label, int $now): void
    {
        foreach (RoundHost::of($round) as $host) {
            $link = self::link($host);
            if ($host->kind !== PlaceKind::Video && ($link !== null || WorksheetData::makesRooms())) {
                $host->update([
                    'before' => ['kind' => $host->kind->value, 'label' => $host->label, 'link' => $host->link],
                ]);
                ($this->set)(
                    $host,
                    ['kind' => PlaceKind::Video->value, 'label' => $label, 'link' => $link] + self::rest($host),
                    $now,
                );
            }
        }
    }

    /** Everybody is where they were. */
    public function back(Round $round, int $now): void
    {
        foreach (RoundHost::of($round) as $host) {
            if ($host->before !== null) {
                ($this->set)($host, $host->before + self::rest($host), $now);
                $host->update(['before' => null]);
            }
        }
    }

    /** @return array{directions: string, absent: list<array{date: string, from: string, until: string}>, most: int|null} */
    private static function rest(RoundHost $host): array
    {
        return ['directions' => $host->directions, 'absent' => $host->absent, 'most' => $host->most];
    }

    /** The one they said, or used last. */
    private static function link(RoundHost $host): ?string
    {
        $last = Place::query()
            ->join('sheets', 'sheets.id', '=', 'places.sheet_id')
            ->where('sheets.staff_id', $host->staff_id)
            ->where('places.kind', PlaceKind::Video)
            ->whereNotNull('places.link')
            ->whereNull('places.removed_at')
            ->orderByDesc('places.id')
            ->value('places.link');
        $saved = SavedPlace::query()
            ->where('staff_id', $host->staff_id)
            ->where('kind', PlaceKind::Video)
            ->whereNotNull('link')
            ->value('link');
        $link = $host->link ?? ($last ?? $saved);

        return is_string($link) && $link !== '' ? $link : null;
    }
}
