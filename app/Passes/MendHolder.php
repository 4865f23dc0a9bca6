<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;
use App\Models\ReadsAs;
use Illuminate\Support\Facades\DB;

/** A visitor mends their name or phone number, says how they read times, or gives another e-mail address, which counts once it has answered. */
final class MendHolder
{
    /**
     * @param  string  $phone  empty to leave it as it is
     * @param  string|null  $email  null to leave it as it is
     */
    public function __invoke(Pass $pass, string $name, string $phone, ?string $email, ReadsAs $reads): void
    {
        DB::transaction(static function () use ($pass, $name, $phone, $email, $reads): void {
            $pass->update(
                ['name' => $name, ...array_filter($reads->kept())] + ($phone === '' ? [] : ['phone' => $phone]),
            );
            if ($email === $pass->email) {
                $pass->update(['new_email' => null]);
            } elseif ($email !== null) {
                $pass->update(['new_email' => $email]);
                event(new AddressGiven($pass, $email));
            }
        });
    }
}
