<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Timetables\Guards;

/** Puts a visitor in line for a time that somebody gives back. Joining twice keeps the first place. */
final class JoinWaiting
{
    public function __invoke(Sheet $sheet, ?Pass $pass, string $name, string $email): Waiting
    {
        return Contended::transaction(static function () use ($sheet, $pass, $name, $email): Waiting {
            Guards::booking($sheet, (string) ($pass->email ?? $email), '');
            $known = Waiting::query()->where('sheet_id', $sheet->id)->whereHas('pass', static fn ($one) => $one->where('email', $pass->email ?? $email))->first();

            return $known ?? Waiting::query()->create([
                'sheet_id' => $sheet->id,
                'pass_id' => $pass->id ?? Pass::query()->create(['name' => $name, 'email' => $email, 'phone' => ''])->id,
            ]);
        });
    }
}
