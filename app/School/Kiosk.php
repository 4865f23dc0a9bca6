<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Row;
use App\Models\School;
use App\Models\Secret;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A shared tablet at an entrance, on which visitors say that they are here. Its address opens it; at rest there is the hash.
 *
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property string|null $token_hash
 * @property int $generation
 * @property CarbonImmutable|null $ended_at
 * @property School $school
 */
final class Kiosk extends Row
{
    protected $table = 'kiosks';

    protected $guarded = [];

    protected $hidden = ['token_hash'];

    protected $attributes = ['generation' => 1, 'ended_at' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ended_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    public function token(): string
    {
        return Secret::of("kiosk|$this->id|$this->generation");
    }

    public static function byToken(string $token): ?self
    {
        return self::query()->whereNull('ended_at')->where('token_hash', Secret::hash($token))->first() ??
            self::query()->whereNull('ended_at')->find(Secret::formerly('kiosks', $token));
    }
}
