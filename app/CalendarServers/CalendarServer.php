<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\GuardedHttp;
use App\Framework\Said;
use App\Models\Instant;
use App\Models\Row;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Where a staff member's own calendars are, and as whom they are read and written there.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $address scheme, host and port; encrypted
 * @property string $name encrypted
 * @property string $password encrypted, and shown to nobody
 * @property string|null $says why it cannot be reached now; null where it can
 * @property array<string, int|string>|null $says_with
 * @property CarbonImmutable|null $looked_at
 * @property CarbonImmutable|null $not_before the instant before which it is left alone
 * @property StaffMember $owner
 * @property \Illuminate\Database\Eloquent\Collection<int, ServerCalendar> $calendars
 */
final class CalendarServer extends Row
{
    protected $table = 'calendar_servers';

    protected $guarded = [];

    protected $hidden = ['address', 'name', 'password'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'address' => 'encrypted',
            'name' => 'encrypted',
            'password' => 'encrypted',
            'says_with' => 'array',
            'looked_at' => 'immutable_datetime',
            'not_before' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return HasMany<ServerCalendar, $this> */
    public function calendars(): HasMany
    {
        return $this->hasMany(ServerCalendar::class, 'server_id');
    }

    /** @param  int  $staff  whose it is */
    public static function of(int $staff): ?self
    {
        return self::query()->where('staff_id', $staff)->first();
    }

    /** @throws DavFailed */
    public function dav(GuardedHttp $http): Dav
    {
        return Dav::at($http, $this->address, $this->name, $this->password);
    }

    public function failed(DavFailed $failure, int $now): void
    {
        $this->update([
            'says' => $failure->said->key,
            'says_with' => $failure->said->values,
            // A password that is wrong today is wrong in five minutes: an hour, so that nobody is locked out by us.
            'not_before' => $failure->isForOwner ? Instant::column($now + 3_600) : null,
        ]);
    }

    public function worked(int $now): void
    {
        $this->update([
            'says' => null,
            'says_with' => null,
            'not_before' => null,
            'looked_at' => Instant::column($now),
        ]);
    }

    /** Whether it is to be left alone for now. */
    public function rests(int $now): bool
    {
        return $this->not_before !== null && $this->not_before->getTimestamp() > $now;
    }

    /** Why it cannot be reached, to whoever reads it now; empty where it can. */
    public function said(): string
    {
        return $this->says === null ? '' : (string) new Said($this->says, $this->says_with ?? []);
    }
}
