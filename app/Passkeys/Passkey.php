<?php

declare(strict_types=1);

namespace App\Passkeys;

use App\Models\Row;
use App\Models\Secret;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A key with which somebody of the staff signs in: theirs stays in their machine, this is the public one (WebAuthn Level 2).
 *
 * @property int $id
 * @property int $staff_id
 * @property string $credential what the machine calls it, in base64url
 * @property string $public_key a JSON Web Key (RFC 7517)
 * @property int $counter how often the machine says that it signed; 0 where it does not count
 * @property string $name
 * @property CarbonImmutable|null $used_at
 * @property CarbonImmutable $created_at
 */
final class Passkey extends Row
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['counter' => 'integer', 'used_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** @return Builder<self> theirs */
    public static function of(StaffMember $staff): Builder
    {
        return self::query()->where('staff_id', $staff->id);
    }

    public static function hash(string $credential): string
    {
        return Secret::hash("passkey|$credential");
    }

    /** What a machine keeps with a key of theirs, to know whose it is: it tells nobody else (WebAuthn Level 2, 14.6.1). */
    public static function handle(StaffMember $staff): string
    {
        return Secret::of(self::handled($staff));
    }

    public static function isHandleOf(StaffMember $staff, string $handle): bool
    {
        return Secret::matches(self::handled($staff), $handle);
    }

    private static function handled(StaffMember $staff): string
    {
        return "passkeys of|$staff->id";
    }
}
