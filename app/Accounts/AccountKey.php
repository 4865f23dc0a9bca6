<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Instant;
use App\Models\Row;
use App\Models\Secret;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What opens an account once, from a letter: an invitation, or a new password for one that was forgotten.
 *
 * @property int $id
 * @property int|null $staff_id  null of the key to an empty server
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

        return self::made($staff->id, $purpose, $now);
    }

    /** The key of an empty server; those before it open nothing any more. */
    public static function toEmptyServer(int $now): self
    {
        self::query()->whereNull('staff_id')->delete();

        return self::made(null, KeyPurpose::School, $now);
    }

    private static function made(?int $staff, KeyPurpose $purpose, int $now): self
    {
        $until = Instant::column($now + $purpose->seconds());
        $key = self::query()->create(['staff_id' => $staff, 'purpose' => $purpose, 'until' => $until]);
        $key->update(['token_hash' => Secret::hash($key->token())]);

        return $key;
    }

    /** The key of somebody to which a token belongs, while it opens: their account, or for "session" a way in, which is no way to another password. */
    public static function open(string $token, int $now, string $what = 'account'): ?self
    {
        $purposes = $what === 'session' ? [KeyPurpose::Session] : [KeyPurpose::Invitation, KeyPurpose::Password];

        return self::opening($token, $now)->whereNotNull('staff_id')->whereIn('purpose', $purposes)->first();
    }

    /** The key of an empty server to which a token belongs, while it opens. */
    public static function openServer(string $token, int $now): ?self
    {
        return self::opening($token, $now)->whereNull('staff_id')->first();
    }

    /** Once: whoever is first has it, and nobody after them. */
    public function use(int $now): void
    {
        if (
            self::unused($now)
                ->whereKey($this->id)
                ->update(['used_at' => Instant::column($now)]) === 0
        ) {
            throw new KeySpent();
        }
    }

    /** @return Builder<self> */
    private static function opening(string $token, int $now): Builder
    {
        $former = Secret::formerly('account_keys', $token);

        return $former === 0
            ? self::unused($now)->where('token_hash', Secret::hash($token))
            : self::unused($now)->whereKey($former);
    }

    /** @return Builder<self> */
    private static function unused(int $now): Builder
    {
        return self::query()->whereNull('used_at')->where('until', '>', Instant::column($now));
    }

    /** Worked out when a letter is written, so that only its hash is kept; see Secret. */
    public function token(): string
    {
        return Secret::of("account|$this->id|$this->staff_id|{$this->purpose->value}|{$this->until->getTimestamp()}");
    }

    public function link(): string
    {
        return url(
            match ($this->purpose) {
                KeyPurpose::School => '/begin/',
                KeyPurpose::Session => '/staff/come/',
                default => '/staff/join/',
            } . $this->token(),
        );
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }
}
