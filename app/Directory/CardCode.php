<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Signs;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\Round;
use App\Models\Row;
use App\Models\Secret;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The code on a family's paper card: it opens one sheet or one round, and ends some time after it. Worked out from the
 * application key; kept is its hash.
 *
 * @property int $id
 * @property int $guardian_id
 * @property int|null $sheet_id
 * @property int|null $round_id
 * @property string $code_hash
 * @property CarbonImmutable $until
 * @property Guardian $guardian
 * @property Sheet|null $sheet
 * @property Round|null $round
 */
final class CardCode extends Row
{
    /** Signs of five bits: fifty bits are typed in half a minute, and found by nobody at a hundred tries an hour. */
    private const LENGTH = 10;

    protected $table = 'card_codes';

    protected $guarded = [];

    protected $hidden = ['code_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Guardian, $this> */
    public function guardian(): BelongsTo
    {
        return $this->belongsTo(Guardian::class);
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /**
     * What stands on a guardian's card for that, in groups that are easily typed: GANNE-T7C0V. It is known from then on.
     *
     * @param  int  $until  seconds since the epoch
     */
    public static function of(Guardian $guardian, Sheet|Round $for, int $until): string
    {
        $at =
            $for instanceof Sheet
                ? [
                    'sheet_id' => $for->id,
                    'round_id' => null,
                ]
                : ['sheet_id' => null, 'round_id' => $for->id];
        $code = (new self($at + ['guardian_id' => $guardian->id]))->setRelation('guardian', $guardian)->signs();
        self::query()->updateOrCreate(
            ['code_hash' => Secret::hash($code)],
            $at + ['guardian_id' => $guardian->id, 'until' => Instant::column($until)],
        );

        return substr($code, 0, 5) . '-' . substr($code, 5);
    }

    /** The same without the dash: what is hashed. */
    public function signs(): string
    {
        $for = $this->round_id === null ? "s$this->sheet_id" : "r$this->round_id";

        return Signs::of(Secret::of("card|$this->guardian_id|{$this->guardian->generation}|$for"), self::LENGTH);
    }

    /** The card with a code, as it was typed; null where there is none, or it is over. */
    public static function read(string $typed): ?self
    {
        $code = Signs::read($typed);
        if (strlen($code) !== self::LENGTH) {
            return null;
        }
        $card =
            self::query()->where('code_hash', Secret::hash($code))->first() ??
            self::query()->find(Secret::formerly('card_codes', $code));

        return $card !== null && $card->until->isFuture() && $card->guardian->put_away_at === null ? $card : null;
    }

    /** Their pass, as far as the card goes. */
    public function pass(): Pass
    {
        return $this->guardian
            ->pass()
            ->within(
                $this->round !== null
                    ? Reach::round($this->round)
                    : ($this->sheet === null
                        ? Reach::answer()
                        : Reach::sheet($this->sheet)),
            );
    }
}
