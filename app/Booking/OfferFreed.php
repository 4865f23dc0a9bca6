<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Secret;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Judge;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Recess\Time\Span;

/** Offers the free times of a sheet to those who wait for one, in order, each for a set time. */
final class OfferFreed
{
    private const HOURS = 2;

    /** An offer that would be over sooner than this, in seconds, is none. */
    private const LEAST = 300;

    public function __construct(private readonly KeepSlot $keep)
    {
    }

    public function __invoke(Sheet $sheet, int $now): void
    {
        foreach (self::waiting($sheet, $now)->pluck('id') as $id) {
            if (! $this->offered($sheet, (int) $id, $now)) {
                return;
            }
        }
    }

    /**
     * One of them, whose row is taken first: nobody else offers them anything meanwhile.
     *
     * @return bool whether there may be something for the next one
     */
    private function offered(Sheet $sheet, int $id, int $now): bool
    {
        return Contended::transaction(function () use ($sheet, $id, $now): bool {
            Guards::sheet($sheet);
            $one = self::waiting($sheet, $now)->whereKey($id)->with('pass')->first();
            if ($one === null) {
                return true;
            }
            $one->touch();
            $who = Asking::visitor($one->pass_id, $one->pass->email, '')->across();
            $slot = Judge::firstFree($sheet, $now, $who);
            if ($slot === null) {
                // What nobody can have, the next one cannot have either; what this one cannot, the next one may.
                return Judge::firstFree($sheet, $now, Asking::anybody()) !== null;
            }
            $until = min($now + self::HOURS * 3600, Judge::at($slot->start, $sheet, $now, $who)->bookableUntil($slot));
            $until < $now + self::LEAST || $this->offer($sheet, $one, $slot, $now, $until);

            return true;
        });
    }

    private function offer(Sheet $sheet, Waiting $one, Span $slot, int $now, int $until): void
    {
        $key = Str::uuid()->toString();
        try {
            ($this->keep)($sheet, $slot->start, Secret::hash($key), Secret::hash("waiting|$one->id"), $now, $until);
        } catch (SlotGone) {
            return;
        }
        $one->update(['offered_start' => Instant::column($slot->start), 'offered_until' => Instant::column($until), 'keeper' => Secret::hash($key)]);
        event(new TimeOffered($one, $key, $slot, $until));
    }

    /** @return Builder<Waiting> those to whom nothing is offered now; who has let an offer pass is at the end */
    private static function waiting(Sheet $sheet, int $now): Builder
    {
        return Waiting::query()->where('sheet_id', $sheet->id)
            ->where(static fn ($one) => $one->whereNull('offered_until')->orWhere('offered_until', '<=', Instant::column($now)))
            ->orderByRaw('offered_until IS NOT NULL, offered_until, id');
    }
}
