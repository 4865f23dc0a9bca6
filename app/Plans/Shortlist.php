<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Pass;
use App\Models\Round;
use App\Models\Row;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;

/**
 * Whom a family wants to meet in a round, and when it can come, as its page last said it: there again after a reload, and on
 * another device.
 *
 * @property int $id
 * @property int $round_id
 * @property int $pass_id
 * @property ShortlistShape $asked as Shortlist in docs/formats/recess.openapi.yaml
 * @property ShortlistShape|null $wished what was sent of it as wishes
 * @property CarbonImmutable|null $wished_at
 * @property Pass $pass
 */
final class Shortlist extends Row
{
    protected $table = 'shortlists';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['asked' => 'array', 'wished' => 'array', 'wished_at' => 'immutable_datetime'];
    }

    /** What whoever has that pass has said of a round; null where that is nothing. */
    public static function of(int $round, int $pass): ?self
    {
        return self::query()
            ->where(['round_id' => $round, 'pass_id' => $pass])
            ->first();
    }

    /** @return Collection<int, string> by pass: who of a round needs the ground floor */
    public static function onTheGround(Round $round): Collection
    {
        return self::query()
            ->where('round_id', $round->id)
            ->where('asked->ground', true)
            ->with('pass')
            ->get()
            ->mapWithKeys(static fn(self $one): array => [$one->pass_id => $one->pass->name]);
    }

    /** @return Builder<self> those of a round whose wishes are with the school */
    public static function sent(Round $round): Builder
    {
        return self::query()->where('round_id', $round->id)->whereNotNull('wished_at');
    }

    /** @return Collection<int, self> those whose sent wishes name that sheet, with their passes */
    public static function wishing(Round $round, string $sheet): Collection
    {
        return self::sent($round)
            ->with('pass')
            ->get()
            ->filter(
                static fn(self $one): bool => in_array(
                    $sheet,
                    array_column($one->wished['picks'] ?? [], 'sheet'),
                    true,
                ),
            )
            ->values();
    }

    /**
     * Whom they picked who is not in the round any more, by name.
     *
     * @param  array<string, Sheet>  $sheets  of the round, by slug
     * @return list<string>
     */
    public function gone(Round $round, array $sheets): array
    {
        $picked = array_column([...$this->wished['picks'] ?? [], ...$this->asked['picks']], 'sheet');

        return array_values(
            array_unique(array_intersect_key($round->gone ?? [], array_diff_key(array_flip($picked), $sheets))),
        );
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }
}
