<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Instant;
use App\Models\Row;
use App\Models\Secret;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What opens an account once, from a letter: an invitation, or a new password for one that was forgotten.
 *
 * @property int $id
 * @property int $staff_id
 * @property KeyPurpose $purpose
 * @property string|null $token_hash
 * @property CarbonImmutable $until
 * @property CarbonImmutable|null $used_at
 * @property StaffMember $staff
 */
final class AccountKey extends Row
{
    protected $table = 'account_keys';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['purpose' => KeyPurpose::class, 'until' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }

    /**
     * A new one; those before it for the same person open nothing any more.
     *
     * @param  int  $now  seconds since the epoch
     */
    public static function cut(StaffMember $staff, KeyPurpose $purpose, int $now): self
    {
        self::query()->where('staff_id', $staff->id)->delete();
        $key = self::query()->create(['staff_id' => $staff->id, 'purpose' => $purpose, 'until' => Instant::column($now + $purpose->seconds())]);
        $key->update(['token_hash' => Secret::hash($key->token())]);

        return $key;
    }

    /** The key to which a token belongs, while it opens. */
    public static function open(string $token, int $now): ?self
    {
        return self::query()->where('token_hash', Secret::hash($token))->whereNull('used_at')->where('until', '>', Instant::column($now))->first();
    }

    /** Worked out when a letter is written, so that only its hash is kept; see Secret. */
    public function token(): string
    {
        return Secret::of("account|$this->id|$this->staff_id|{$this->purpose->value}|{$this->until->getTimestamp()}");
    }

    public function link(): string
    {
        return url('/staff/join/'.$this->token());
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }
}
