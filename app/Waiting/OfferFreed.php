<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\Keep;
use App\Booking\KeepSlot;
use App\Booking\LineHold;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Booking\SlotGone;
use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Secret;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Timetables\Asking;
use App\Timetables\Guards;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Recess\Time\Span;

/**
 * Offers the times that somebody has given back to those who wait for one, in order, each for a set time; between two of them
 * the line has it (LineHold). Times that are free anyway are everybody's: waiting for one takes none away.
 */
final class OfferFreed
{
    /** Of the day: the night does not count. */
    private const HOURS = 2;

    /** An offer that would be over sooner than this, in seconds, is none. */
    private const LEAST = 300;

    public function __construct(
        private readonly KeepSlot $keep,
        private readonly PassOffer $passOffer,
        private readonly LineHold $line,
    ) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Sheet $sheet, int $now): void
    {
        foreach (
            Waiting::query()->where('sheet_id', $sheet->id)->where('offered_until', '<=', Instant::column($now))->get()
            as $late
        ) {
            ($this->passOffer)($late, $now);
        }
        foreach (
            DB::table('freed')
                ->where('sheet_id', $sheet->id)
                ->where('offered_from', '<=', Instant::column($now))
                ->orderBy('starts_at')
                ->pluck('starts_at')
            as $start
        ) {
            $this->offerTime($sheet, Instant::of((string) $start), $now);
        }
    }

    /** To the first in line who can have it; a time that none of them can have is everybody's from now on. */
    private function offerTime(Sheet $sheet, int $start, int $now): void
    {
        $freed = DB::table('freed')->where('sheet_id', $sheet->id)->where('starts_at', Instant::column($start));
        $offered = Waiting::query()->where('sheet_id', $sheet->id)->where('offered_start', Instant::column($start));
        foreach (Waiting::line($sheet->id)->whereNull('offered_start')->pluck('id') as $id) {
            // Of a time with several seats as many as came free.
            if ($offered->exists() && !$this->line->isHeld($sheet, $start, $now)) {
                return;
            }
            $this->offered($sheet, (int) $id, $start, $now);
        }
        Contended::transaction(function () use ($sheet, $start, $now, $freed, $offered): void {
            Guards::sheet($sheet);
            $this->line->end($sheet, $start, $now);
            // What one of them thinks about comes back to the line, should they not want it.
            $offered->exists() || $freed->delete();
        });
    }

    /** One of them, whose row is taken first: nobody else offers them anything meanwhile. */
    private function offered(Sheet $sheet, int $id, int $start, int $now): void
    {
        Contended::transaction(function () use ($sheet, $id, $start, $now): void {
            Guards::sheet($sheet);
            $one = Waiting::line($sheet->id)->whereNull('offered_start')->whereKey($id)->with('pass')->first();
            if ($one === null) {
                return;
            }
            $wants = $one->wants();
            try {
                $permit = Permit::of(
                    $sheet,
                    $start,
                    new Claim(
                        $this->line->seenBy(
                            Asking::visitor($one->pass_id, $one->pass->email, '', $wants->place),
                            $sheet,
                            $start,
                            $wants->host,
                            $now,
                        ),
                        Claimant::Visitor,
                        $now,
                    ),
                );
            } catch (NoSeatLeft | NotAsFilledIn) {
                return;
            }
            $zone = $permit->timetable->sheet->zone;
            $until = min(
                QuietHours::after($now, self::HOURS * 3600, $zone),
                $permit->timetable->bookableUntil($permit->slot),
            );
            if ($until >= $now + self::LEAST && $wants->suits($permit->slot, $permit->timetable, $zone)) {
                $this->offer($sheet, $one, $permit->slot, $now, $until);
            }
        });
    }

    private function offer(Sheet $sheet, Waiting $one, Span $slot, int $now, int $until): void
    {
        $key = Str::uuid()->toString();
        $this->line->release($sheet, $slot->start, $one->wants()->host, $now);
        try {
            ($this->keep)(
                $sheet,
                new Keep(
                    $slot->start,
                    Secret::hash($key),
                    Secret::hash("waiting|$one->id"),
                    $until,
                    $one->wants()->host,
                    $one->pass_id,
                ),
                $now,
            );
        } catch (SlotGone) {
            $this->line->hold($sheet, $slot->start, null, $now);

            return;
        }
        $one->update([
            'offered_start' => Instant::column($slot->start),
            'offered_until' => Instant::column($until),
            'keeper' => Secret::hash($key),
        ]);
        event(new TimeOffered($one, $key, $slot, $until));
    }
}
