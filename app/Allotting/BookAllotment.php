<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Round;
use App\Models\SheetState;
use App\Publishing\OpenSheet;
use App\Timetables\Guards;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Recess\Time\Span;

/**
 * Books an allotment, if all of it can still be had: each family in a transaction of its own, with what it is told, so
 * that nobody else waits for long; and when all are in, opens what is free to everybody. Killed in the middle it goes on
 * where it was.
 */
final class BookAllotment implements ShouldQueue
{
    use Queueable;

    /** Each time it goes on where it was. */
    public int $tries = 50;

    public int $timeout = 1_800;

    public function __construct(private readonly int $allotment)
    {
        $this->onQueue('rounds');
    }

    public function handle(BookFamily $book, CheckAllotment $check, OpenSheet $open): void
    {
        $allotment = Allotment::query()->with('round.school')->find($this->allotment);
        if ($allotment === null || $allotment->state !== AllotmentState::Booking) {
            return;
        }
        if ($allotment->rows()->where('told', true)->doesntExist() && ($short = $check($allotment)) > 0) {
            self::stop($allotment, $short);

            return;
        }
        $booked = $allotment->rows()->where('told', true)->distinct()->count('pass_id');
        foreach ($allotment->rows()->where('told', false)->distinct()->reorder('pass_id')->pluck('pass_id') as $pass) {
            $now = Clock::now();
            $book($allotment, (int) $pass, $now);
            DB::table('allotments')
                ->where('id', $allotment->id)
                ->update(['booked' => ++$booked, 'heard_at' => Instant::column($now)]);
        }
        $this->open($allotment, $open, Clock::now());
    }

    /** What was shown cannot be had any more: before the first letter the office looks at it again. */
    private static function stop(Allotment $allotment, int $short): void
    {
        $allotment->update([
            'state' => AllotmentState::Found,
            'busy' => null,
            'short' => $short,
            'granted' => $allotment->rows()->whereNotNull('starts_at')->count(),
        ]);
    }

    private function open(Allotment $allotment, OpenSheet $openSheet, int $now): void
    {
        Contended::transaction(static function () use ($allotment, $openSheet, $now): void {
            $round = Round::query()->findOrFail($allotment->round_id);
            $breaks = [];
            foreach ($allotment->breaks as ['sheet' => $sheet, 'start' => $start, 'end' => $end]) {
                $breaks[$sheet][] = Span::of($start, $end);
            }
            foreach (
                $round->sheets()->whereNull('put_away_at')->where('state', SheetState::Draft)->orderBy('id')->get()
                as $sheet
            ) {
                Guards::sheet($sheet);
                foreach ($breaks[$sheet->id] ?? [] as $break) {
                    $sheet->closeSlot($break);
                }
                $openSheet($sheet, $now);
            }
            $round->update(['allotted_at' => Instant::column($now)]);
            $allotment
                ->refresh()
                ->update(['state' => AllotmentState::Booked, 'busy' => null, 'ended_at' => Instant::column($now)]);
            event(new RoundAllotted($round));
        });
    }
}
