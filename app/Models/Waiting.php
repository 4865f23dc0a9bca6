<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A visitor who would like a time that is given back; the first in line is offered it for a while.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $pass_id
 * @property CarbonImmutable|null $offered_start
 * @property CarbonImmutable|null $offered_until
 * @property string|null $keeper hash of the key under which the offered time is kept
 * @property string|null $token_hash
 * @property CarbonImmutable|null $confirmed_at when its address answered; before, nothing is offered to it
 * @property array<string, mixed>|null $wants
 * @property int $passed offers that were let pass or declined
 * @property Sheet $sheet
 * @property Pass $pass
 */
final class Waiting extends Row
{
    protected $table = 'waiting';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'offered_start' => 'immutable_datetime',
            'offered_until' => 'immutable_datetime',
            'confirmed_at' => 'immutable_datetime',
            'wants' => 'array',
        ];
    }

    protected static function booted(): void
    {
        self::created(static function (self $waiting): void {
            $waiting->update(['token_hash' => Secret::hash($waiting->token())]);
        });
    }

    /** The secret end of the address at which a place in line is looked up and given up; see Pass::token(). */
    public function token(): string
    {
        return Secret::of("waiting|$this->id");
    }

    public function wants(): Wants
    {
        return Wants::of($this->wants ?? []);
    }

    public function link(): string
    {
        return url(Addresses::inLine($this->token()));
    }

    /** @return Builder<self> all who are in line, in order: whoever let an offer pass is behind the others */
    public static function line(int $sheet): Builder
    {
        return self::query()->where('sheet_id', $sheet)->whereNotNull('confirmed_at')->orderBy('passed')->orderBy('id');
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }
}
