<?php

declare(strict_types=1);

namespace App\Day;

use App\Directory\CardCode;
use App\Line\DayCode;
use App\Line\DayOf;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Pass;
use App\School\Kiosk;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Recess\Names\NameKey;

/** Finds what somebody at the entrance comes to today: by what is on their pass or card, or by a name together with a time. */
final class KioskFinder
{
    private const MOST = 20;

    /**
     * @param  string  $code  as typed or read by a camera: a pass's address, today's code, or a card's
     * @return Collection<int, Booking>
     */
    public static function byCode(Kiosk $kiosk, string $code, DayOf $day): Collection
    {
        $pass = self::passOf($kiosk, $code, $day);

        return $pass === null
            ? new Collection()
            : self::today($kiosk, $day)
                ->where(
                    static fn($one) => $one
                        ->where('pass_id', $pass->id)
                        ->orWhereHas(
                            'guests',
                            static fn($guest) => $guest->where('pass_id', $pass->id)->whereNull('left_at'),
                        ),
                )
                ->limit(self::MOST)
                ->get()
                ->filter($pass->reaches(...))
                ->values();
    }

    /**
     * @param  string  $key  of the name of the visitor or of the student, whole: what begins like it is nobody's
     * @param  list<int>  $starts  the instants at which it may begin
     * @return Collection<int, Booking>
     */
    public static function byName(Kiosk $kiosk, string $key, array $starts, DayOf $day): Collection
    {
        return $key === '' || $starts === []
            ? new Collection()
            : self::today($kiosk, $day)
                ->whereIn('starts_at', array_map(Instant::column(...), $starts))
                ->limit(500)
                ->get()
                ->filter(
                    static fn(Booking $one): bool => $one->student_key === $key ||
                        NameKey::of($one->pass->name) === $key,
                )
                ->take(self::MOST)
                ->values();
    }

    /** @return Builder<Booking> */
    public static function today(Kiosk $kiosk, DayOf $day): Builder
    {
        return $day
            ->meetings()
            ->whereHas('host', static fn($host) => $host->where('school_id', $kiosk->school_id))
            ->with(['host', 'place', 'pass', 'turn', 'sheet.host.school'])
            ->orderBy('starts_at')
            ->orderBy('id');
    }

    private static function passOf(Kiosk $kiosk, string $code, DayOf $day): ?Pass
    {
        if (preg_match('#(?:/p/|[?&]pass=)([\w.-]{43,120})#', $code, $found) === 1) {
            return Pass::byToken($found[1]);
        }
        $card = CardCode::read($code);

        return $card?->guardian->school_id === $kiosk->school_id
            ? $card->pass()
            : DayCode::passOf($code, $day, $kiosk->school_id);
    }
}
