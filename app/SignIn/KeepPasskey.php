<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use App\Passkeys\NewKey;
use App\Passkeys\Passkey;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;

/** Somebody signs in with this key from now on. */
final readonly class KeepPasskey
{
    /** So many each: a telephone, a machine at work, one at home, one in the drawer; and as many once more. */
    public const MOST = 8;

    public function __construct(private SecondFactor $factor) {}

    /**
     * @return list<string> codes for paper where they had no second factor before; none otherwise
     *
     * @throws ValidationException when there are too many, or it is there already
     */
    public function __invoke(StaffMember $staff, NewKey $key, string $name): array
    {
        try {
            $codes = Contended::transaction(function () use ($staff, $key, $name): array {
                Guard::account($staff->id);
                $staff = StaffMember::query()->findOrFail($staff->id);
                if (Passkey::of($staff)->count() >= self::MOST) {
                    throw ValidationException::withMessages([
                        'passkey' => Words::say('signin.passkey_most', ['most' => self::MOST]),
                    ]);
                }
                $first = !AnyFactor::of($staff);
                Passkey::query()->create([
                    'staff_id' => $staff->id,
                    'credential' => $key->credential,
                    'credential_hash' => Passkey::hash($key->credential),
                    'public_key' => $key->key->json(),
                    'counter' => $key->counter,
                    'name' => $name,
                ]);

                return $first ? $this->factor->newCodes($staff) : [];
            });
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['passkey' => Words::say('signin.passkey_there')]);
        }
        event(new SecondFactorTurned($staff, on: true, passkey: $name));

        return $codes;
    }
}
