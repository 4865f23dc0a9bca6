<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\School;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A school moves in: its name and clock, and the first one of its office. */
final class MoveIn
{
    public function __construct(private readonly SetPassword $setPassword) {}

    /**
     * With the one key of an empty server, for whoever opened it.
     *
     * @param  array{name: string, zone: string, country: string}  $school
     * @param  array{name: string, email: string}  $person
     * @param  int  $now  seconds since the epoch
     *
     * @throws NotNow when somebody of the office has come before
     * @throws KeySpent when somebody else has opened it at this very moment
     */
    public function withKey(AccountKey $key, array $school, array $person, string $password, int $now): StaffMember
    {
        return Contended::transaction(function () use ($key, $school, $person, $password, $now): StaffMember {
            $key->use($now);

            return $this->setPassword->withKey($this($school, $person, $now), $password, $now);
        });
    }

    /**
     * For whoever sits at the server: the key with which the first one chooses a password.
     *
     * @param  array{name: string, zone: string, country: string}  $school
     * @param  array{name: string, email: string}  $person
     * @param  int  $now  seconds since the epoch
     *
     * @throws NotNow when somebody of the office has come before
     */
    public function __invoke(array $school, array $person, int $now): AccountKey
    {
        return Contended::transaction(static function () use ($school, $person, $now): AccountKey {
            Guard::raise('moving in');
            $there = School::query()->first();
            if (StaffMember::query()->where('office', true)->whereNotNull('came_at')->exists()) {
                throw new NotNow(Words::say('accounts.moved_in', ['school' => $there->name ?? '']));
            }
            // Begun once before and never come to the end: the same again, with a new key.
            $there === null ? ($there = School::query()->create($school)) : $there->update($school);
            DB::table('staff')
                ->where('school_id', $there->id)
                ->whereNull('came_at')
                ->where('email', '<>', $person['email'])
                ->where('office', true)
                ->update(['office' => false]);
            $first = StaffMember::query()->updateOrCreate(
                ['email' => $person['email']],
                [
                    'school_id' => $there->id,
                    'name' => $person['name'],
                    'subject' => Words::say('accounts.office'),
                    'office' => true,
                    'password' => Str::random(60),
                ],
            );

            return AccountKey::cut($first, KeyPurpose::Invitation, $now);
        });
    }
}
