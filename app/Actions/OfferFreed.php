<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failures\SlotGone;
use App\Mail\WaitingOffer;
use App\Models\Secret;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Timetables\Onlooker;
use App\Timetables\SheetTimetable;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;

/** Offers the free times of a sheet to those who wait for one, in order, each for a set time. */
final class OfferFreed
{
    private const HOURS = 2;

    public function __construct(private readonly KeepSlot $keep)
    {
    }

    public function __invoke(Sheet $sheet, int $now): void
    {
        $waiting = Waiting::query()->where('sheet_id', $sheet->id)
            ->where(static fn ($one) => $one->whereNull('offered_until')->orWhere('offered_until', '<=', gmdate('Y-m-d H:i:s', $now)))
            // Who has let an offer pass goes to the end of the line.
            ->orderByRaw('offered_until IS NOT NULL, offered_until, id')->with('pass')->get();
        foreach ($waiting as $one) {
            $free = (new SheetTimetable($sheet, $now, Onlooker::of($sheet, $one->pass_id, $one->pass->email, '', null, $now)))->free();
            if ($free === []) {
                return;
            }
            $slot = $free[0]->slot;
            $key = Str::uuid()->toString();
            $until = min($now + self::HOURS * 3600, $slot->start - $sheet->rules->leadMinutes * 60);
            if ($until < $now + 300) {
                continue;
            }
            try {
                ($this->keep)($sheet, $slot->start, Secret::hash($key), Secret::hash("waiting|$one->id"), $now, $until);
            } catch (SlotGone) {
                continue;
            }
            $one->update(['offered_start' => gmdate('Y-m-d H:i:s', $slot->start), 'offered_until' => gmdate('Y-m-d H:i:s', $until), 'keeper' => Secret::hash($key)]);
            Mail::to([(object) ['email' => (string) $one->pass->email, 'name' => $one->pass->name]])->queue(new WaitingOffer($one, $key, $slot->start, $slot->end, $until));
        }
    }
}
