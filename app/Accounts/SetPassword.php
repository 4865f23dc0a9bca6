<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** A password of one's own. Whoever was signed in with the one before, anywhere, is not any more (see AuthenticateSession). */
final class SetPassword
{
    /**
     * With the key of a letter, which opens once.
     *
     * @param  int  $now  seconds since the epoch
     *
     * @throws KeySpent  when it was used at this very moment, or is over
     */
    public function withKey(AccountKey $key, string $password, int $now): StaffMember
    {
        return Contended::transaction(function () use ($key, $password, $now): StaffMember {
            $key->use($now);
            $staff = $key->staff;
            $staff->came_at ??= CarbonImmutable::createFromTimestamp($now);
            $this->set($staff, $password);

            return $staff;
        });
    }

    public function __invoke(StaffMember $staff, string $password): void
    {
        Contended::transaction(function () use ($staff, $password): void {
            // A letter that is still under way opens nothing any more.
            AccountKey::query()->where('staff_id', $staff->id)->delete();
            $this->set($staff, $password);
        });
    }

    private function set(StaffMember $staff, string $password): void
    {
        $news = $staff->getOriginal('came_at') !== null;
        // With another token, those who "stay signed in" are out too.
        $staff->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
        if ($news) {
            event(new PasswordChanged($staff));
        }
    }
}
