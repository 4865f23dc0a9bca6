<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Reading;
use App\Models\Instant;
use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\School;
use App\School\SavedPlace;
use Illuminate\Support\Str;
use Recess\Records\BlockRecord;

/** Keeps what a round's worksheet says, until it is published. Whoever is put in begins with the place where they were met last. */
final class WriteRound
{
    /** @throws RoundRefused when somebody else has changed it meanwhile, or it is published */
    public function __invoke(
        School $school,
        RoundStatement $statement,
        ?Round $round = null,
        ?int $version = null,
    ): Round {
        return Contended::transaction(function () use ($school, $statement, $round, $version): Round {
            $round === null || Guard::round($round->id);
            $round =
                $round === null
                    ? new Round([
                        'school_id' => $school->id,
                        'slug' => self::freeSlug($statement->title),
                        'language' => Reading::now()->language,
                    ])
                    : Round::query()->findOrFail($round->id);
            if ($round->published_at !== null) {
                throw RoundRefused::because('published_already');
            }
            if ($version !== null && $version !== $round->version) {
                throw RoundRefused::because('changed_elsewhere');
            }
            $round
                ->fill([
                    'title' => $statement->title,
                    'intro' => $statement->intro,
                    'blocks' => array_map(BlockRecord::of(...), $statement->blocks),
                    'rules' => $statement->rules,
                    'questions' => $statement->questions,
                    'families' => $statement->families,
                    'classes' => $statement->classes,
                    'collects' => $statement->wishesUntil !== null,
                    'wishes_until' =>
                        $statement->wishesUntil === null ? null : Instant::column($statement->wishesUntil),
                    'breaks' => $statement->breaks,
                    'cohorts' => $statement->cohorts,
                    'version' => $round->version + 1,
                ])
                ->save();
            RoundHost::query()->where('round_id', $round->id)->whereNotIn('staff_id', $statement->staff)->delete();
            $known = RoundHost::query()->where('round_id', $round->id)->pluck('staff_id')->all();
            foreach (array_diff($statement->staff, array_map(intval(...), $known)) as $staff) {
                RoundHost::query()->create(['round_id' => $round->id, 'staff_id' => $staff] + self::place($staff));
            }

            return $round->refresh();
        });
    }

    /** @return array{kind: PlaceKind, label: string, link: string|null, directions: string} */
    private static function place(int $staff): array
    {
        $last = Place::query()
            ->join('sheets', 'sheets.id', '=', 'places.sheet_id')
            ->where('sheets.staff_id', $staff)
            ->where('sheets.kind', 'conferences')
            ->whereNull('places.removed_at')
            ->orderByDesc('sheets.id')
            ->orderBy('places.position')
            ->select('places.*')
            ->first();
        $last ??= SavedPlace::query()->where('staff_id', $staff)->orderBy('id')->first();

        return [
            'kind' => $last->kind ?? PlaceKind::Room,
            'label' => $last->label ?? '',
            'link' => $last?->link,
            'directions' => $last->directions ?? '',
        ];
    }

    private static function freeSlug(string $title): string
    {
        $base = Str::limit(Str::slug($title), 60, '') ?: 'round';
        for ($slug = $base, $n = 2; Round::query()->where('slug', $slug)->exists(); $slug = "$base-$n", $n++);

        return $slug;
    }
}
