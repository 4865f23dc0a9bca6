<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Models\Instant;
use App\Models\Secret;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use Illuminate\Support\Facades\DB;

/** A staff member's second factor: codes of a telephone, or passkeys (see Passkeys/); and ten codes on paper for when they are lost. */
final class SecondFactor
{
    private const CODES = 10;

    private const SIGNS = 'abcdefghjkmnpqrstvwxyz23456789';

    /** A secret that counts once a code of it was typed. */
    public function begin(StaffMember $staff): string
    {
        $secret = Totp::secret();
        $staff->forceFill(['totp_secret' => base64_encode($secret), 'totp_at' => null, 'totp_step' => 0])->save();

        return $secret;
    }

    /**
     * From now on it is asked for.
     *
     * @param  int  $now  seconds since the epoch
     * @return list<string>|null  the codes for paper, which are never shown again; null when the code was wrong
     */
    public function confirm(StaffMember $staff, string $typed, int $now): ?array
    {
        return Contended::transaction(function () use ($staff, $typed, $now): ?array {
            Guard::account($staff->id);
            $staff = StaffMember::query()->findOrFail($staff->id);
            $step =
                $staff->totp_secret === null
                    ? null
                    : Totp::stepOf((string) base64_decode($staff->totp_secret, true), $typed, $now, $staff->totp_step);
            if ($step === null) {
                return null;
            }
            $staff->forceFill(['totp_at' => Instant::column($now), 'totp_step' => $step])->save();

            return $this->newCodes($staff);
        });
    }

    /** Whether a code is right: of the telephone, once; or one of those on paper, once. */
    public function opens(StaffMember $staff, string $typed, int $now): bool
    {
        return Contended::transaction(static function () use ($staff, $typed, $now): bool {
            Guard::account($staff->id);
            $staff = StaffMember::query()->findOrFail($staff->id);
            $step =
                $staff->totp_at === null || $staff->totp_secret === null
                    ? null
                    : Totp::stepOf((string) base64_decode($staff->totp_secret, true), $typed, $now, $staff->totp_step);
            if ($step !== null) {
                $staff->forceFill(['totp_step' => $step])->save();

                return true;
            }
            $code = (string) preg_replace('/[^a-z0-9]/', '', mb_strtolower($typed));

            return strlen($code) === 10 &&
                DB::table('recovery_codes')
                    ->where('staff_id', $staff->id)
                    ->where('code_hash', Secret::hash("$staff->id|$code"))
                    ->whereNull('used_at')
                    ->update(['used_at' => Instant::column($now)]) === 1;
        });
    }

    /** @return list<string> ten others; those before open nothing any more */
    public function newCodes(StaffMember $staff): array
    {
        $codes = [];
        for ($i = 0; $i < self::CODES; $i++) {
            $code = '';
            for ($n = 0; $n < 10; $n++) {
                $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
            }
            $codes[] = $code;
        }
        DB::table('recovery_codes')->where('staff_id', $staff->id)->delete();
        DB::table('recovery_codes')->insert(
            array_map(
                static fn(string $code): array => [
                    'staff_id' => $staff->id,
                    'code_hash' => Secret::hash("$staff->id|$code"),
                ],
                $codes,
            ),
        );

        return array_map(static fn(string $code): string => substr($code, 0, 5) . '-' . substr($code, 5), $codes);
    }

    public function off(StaffMember $staff): void
    {
        $staff->forceFill(['totp_secret' => null, 'totp_at' => null, 'totp_step' => 0])->save();
        $this->withoutLast($staff);
    }

    /** Codes on paper stand in for a second factor; without one they stand for nothing. */
    public function withoutLast(StaffMember $staff): void
    {
        if (!AnyFactor::of($staff)) {
            DB::table('recovery_codes')->where('staff_id', $staff->id)->delete();
        }
    }

    public static function left(StaffMember $staff): int
    {
        return DB::table('recovery_codes')->where('staff_id', $staff->id)->whereNull('used_at')->count();
    }
}
