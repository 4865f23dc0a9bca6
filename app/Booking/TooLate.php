<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Clock;
use App\Framework\SlotKey;
use App\Models\Secret;
use App\Timetables\Glance;
use App\Timetables\SheetAtHand;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells whoever presses on a slot that somebody has, and does so at the door: a round that opens is mostly that.
 * It stands before the sheet is read.
 */
final class TooLate
{
    /**
     * @param  \Closure(Request): Response  $next
     *
     * @throws SlotGone
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $slug = $request->route('sheet');
        $slot = $request->input('slot');
        // With a pass there are other meetings to think of; what is not a slot is said where all fields are looked at.
        if (
            is_string($slug) &&
            is_string($slot) &&
            preg_match(SlotKey::PATTERN, $slot) === 1 &&
            !$request->filled('pass')
        ) {
            $this->refuse($request, $slug, SlotKey::instant($slot), Clock::now());
        }

        return $next($request);
    }

    /** @throws SlotGone */
    private function refuse(Request $request, string $slug, int $start, int $now): void
    {
        [$sheet, $stamp] = SheetAtHand::glimpse($slug) ?? [0, 0];
        $glance = Glance::at($sheet, $stamp, $now);
        if (
            $glance !== null &&
            $glance->hasTaken($start, $now) &&
            !$this->isTheirs($request, Glance::holder($sheet, $start))
        ) {
            throw SlotGone::glanced($glance, $start, $now);
        }
    }

    /**
     * Whether it may have been taken by the very same visitor: the same press again, or a slot that they keep.
     *
     * @param  string|null  $holder  who took it, when that is known here
     */
    private function isTheirs(Request $request, ?string $holder): bool
    {
        $press = is_string($request->input('request_key')) ? mb_strtolower($request->input('request_key')) : null;
        $keeper = is_string($request->input('keep_key'))
            ? Secret::hash(mb_strtolower($request->input('keep_key')))
            : null;
        if ($holder !== null) {
            return in_array($holder, [$press, $keeper], true);
        }

        return ($press !== null && DB::table('bookings')->where('request_key', $press)->exists()) ||
            ($keeper !== null && DB::table('seats')->where('keeper', $keeper)->exists());
    }
}
