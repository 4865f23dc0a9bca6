<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Failures\SlotGone;
use App\Http\SlotKey;
use App\Models\Secret;
use App\Models\Sheet;
use App\Timetables\Glance;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Tells whoever presses on a slot that somebody has, and does so at the door: a round that opens is mostly that. */
final class TooLate
{
    /**
     * @param  \Closure(Request): Response  $next
     *
     * @throws SlotGone
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $sheet = $request->route('sheet');
        $slot = $request->input('slot');
        // With a pass there are other meetings to think of; what is not a slot is said where all fields are looked at.
        if ($sheet instanceof Sheet && is_string($slot) && preg_match(SlotKey::PATTERN, $slot) === 1 && ! $request->filled('pass')) {
            $gone = Glance::refusal($sheet, SlotKey::instant($slot), CarbonImmutable::now()->getTimestamp());
            if ($gone !== null && ! $this->isTheirs($request)) {
                throw $gone;
            }
        }

        return $next($request);
    }

    /** Whether it may be taken by the very same visitor: the same press again, or a slot that they keep. */
    private function isTheirs(Request $request): bool
    {
        $press = $request->input('request_key');
        $keeper = $request->input('keep_key');

        return (is_string($press) && DB::table('bookings')->where('request_key', mb_strtolower($press))->exists())
            || (is_string($keeper) && DB::table('seats')->where('keeper', Secret::hash(mb_strtolower($keeper)))->exists());
    }
}
