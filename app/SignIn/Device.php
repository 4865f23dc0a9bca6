<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\Instant;
use App\Models\Row;
use App\Models\Secret;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Cookie;

/**
 * A machine on which somebody stays signed in, for thirty days; it has a name, and can be ended from elsewhere.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $token_hash
 * @property string $name
 * @property CarbonImmutable $until
 * @property CarbonImmutable $seen_at
 * @property StaffMember $staff
 */
final class Device extends Row
{
    private const DAYS = 30;

    protected $table = 'devices';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function staff(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    public static function cookie(): string
    {
        return str_starts_with((string) config('app.url'), 'https://') ? '__Host-recess_device' : 'recess_device';
    }

    /** Stays signed in here from now on; the cookie goes with the answer. */
    public static function keep(StaffMember $staff, string $browser, int $now): void
    {
        $token = bin2hex(random_bytes(32));
        self::query()->create([
            'staff_id' => $staff->id,
            'token_hash' => Secret::hash($token),
            'name' => Browser::name($browser),
            'until' => Instant::column($now + self::DAYS * 86_400),
            'seen_at' => Instant::column($now),
        ]);
        Cookie::queue(
            self::cookie(),
            $token,
            self::DAYS * 1440,
            '/',
            null,
            str_starts_with((string) config('app.url'), 'https://'),
            true,
            false,
            'lax',
        );
    }

    public static function known(mixed $token, int $now): ?self
    {
        return is_string($token) && $token !== ''
            ? self::query()
                ->where('token_hash', Secret::hash($token))
                ->where('until', '>', Instant::column($now))
                ->first()
            : null;
    }
}
