<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Secret;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What a visitor types at the entrance, where there is no camera: eight signs that open today's line there and nothing else. */
final class DayCode
{
    /** Without letters and digits that are taken for each other (Crockford's base 32). */
    private const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    public static function of(Pass $pass, DayOf $day): string
    {
        $bytes = hash('sha256', Secret::of("here|$pass->id|$day->date"), true);
        $code = '';
        for ($i = 0; $i < 8; $i++) {
            $code .= self::SIGNS[ord($bytes[$i]) % 32];
        }

        return substr($code, 0, 4).'-'.substr($code, 4);
    }

    /** The pass of somebody who comes to a school on that day; O and I are read as 0 and 1. */
    public static function passOf(string $typed, DayOf $day, int $school): ?Pass
    {
        $code = strtr((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($typed)), ['O' => '0', 'I' => '1', 'L' => '1', 'U' => 'V']);
        foreach (strlen($code) === 8 ? self::coming($day, $school) : [] as $pass) {
            if (hash_equals(str_replace('-', '', self::of($pass, $day)), $code)) {
                return $pass;
            }
        }

        return null;
    }

    /** @return Collection<int, Pass> */
    private static function coming(DayOf $day, int $school): Collection
    {
        $bookings = Booking::query()->where('state', BookingState::Booked)->where('starts_at', '>=', Instant::column($day->span->start))->where('starts_at', '<', Instant::column($day->span->end))
            ->whereHas('host', static fn ($host) => $host->where('school_id', $school));

        $brought = DB::table('guests')->whereNull('left_at')->whereIn('booking_id', (clone $bookings)->pluck('id'))->pluck('pass_id');

        return Pass::query()->whereKey([...$bookings->pluck('pass_id')->all(), ...$brought->all()])->get();
    }
}
