<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\BusySpan;
use App\Models\Sheet;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Recess\Slots\Pieces;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/** When the hosts of a sheet are elsewhere, and how full its own slots are. */
final readonly class HostTimes
{
    /**
     * @param  array<int, int>  $seatsTaken  by the start of the slot
     * @param  array<int, Spans>  $elsewhere  by staff member: calendars and the bookings of other sheets
     * @param  array<int, int>  $bookedOn  the owner's meetings of a date, by day number
     */
    private function __construct(
        public array $seatsTaken,
        public array $elsewhere,
        public array $bookedOn,
    ) {
    }

    /**
     * @param  list<Pieces>  $pieces  the sheet's slots
     * @param  Span  $range  what is asked about
     * @param  bool  $emptied  whether the sheet's own bookings are left out of account
     */
    public static function of(Sheet $sheet, array $pieces, Span $range, Zone $zone, int $now, bool $emptied = false): self
    {
        $ends = [];
        foreach ($pieces as $stretch) {
            foreach ($stretch->slots as $slot) {
                $ends[$slot->start] = $slot->end;
            }
        }
        $hosts = array_values(array_unique([...$sheet->mustBeThere(), ...$sheet->anyOne()]));
        $anyOne = $sheet->anyOne();
        $seats = $bookedOn = [];
        $busy = array_fill_keys($hosts, []);
        foreach (self::holds($hosts, $range, $now) as $hold) {
            $span = self::span($hold);
            $staff = (int) $hold->staff_id;
            $ours = (int) $hold->sheet_id === $sheet->id && ($ends[$span->start] ?? null) === $span->end;
            $taken = (int) $hold->live_seats;
            if ($emptied && (int) $hold->sheet_id === $sheet->id) {
                continue;
            }
            if ($hold->with_hold_id === null && $taken === 0) {
                // Only kept, and for too long: free again for whoever takes it.
                continue;
            }
            if ($staff === $sheet->staff_id) {
                $day = $zone->dayAt($span->start);
                $bookedOn[$day] = ($bookedOn[$day] ?? 0) + 1;
            }
            if (! $ours) {
                $busy[$staff][] = $span;
            } elseif (in_array($staff, $anyOne, true)) {
                if ($taken >= $sheet->rules->seats) {
                    $busy[$staff][] = $span;
                }
            } elseif ($hold->with_hold_id === null) {
                $seats[$span->start] = $taken;
            }
        }
        foreach (self::calendars($hosts, $range) as [$staff, $span]) {
            $busy[$staff][] = $span;
        }

        return new self($seats, array_map(static fn (array $spans): Spans => Spans::of($spans), $busy), $bookedOn);
    }

    /**
     * Who is held when, and how many live seats that has.
     *
     * @param  list<int>  $hosts
     * @return iterable<\stdClass>
     */
    private static function holds(array $hosts, Span $range, int $now): iterable
    {
        $live = DB::table('seats')->selectRaw('COUNT(*)')->whereColumn('seats.hold_id', 'holds.id')
            ->where(static fn (Builder $seat) => $seat->whereNull('kept_until')->orWhere('kept_until', '>', gmdate('Y-m-d H:i:s', $now)));

        return DB::table('holds')
            ->whereIn('staff_id', $hosts)
            ->where('starts_at', '<', gmdate('Y-m-d H:i:s', $range->end))
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $range->start))
            ->select(['staff_id', 'sheet_id', 'starts_at', 'ends_at', 'with_hold_id'])->selectSub($live, 'live_seats')
            ->get();
    }

    /**
     * @param  list<int>  $hosts
     * @return iterable<array{int, Span}>
     */
    private static function calendars(array $hosts, Span $range): iterable
    {
        $spans = BusySpan::query()->join('calendars', 'calendars.id', '=', 'busy_spans.calendar_id')
            ->whereIn('calendars.staff_id', $hosts)
            ->where('starts_at', '<', gmdate('Y-m-d H:i:s', $range->end))
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $range->start))
            ->toBase()->get(['calendars.staff_id', 'starts_at', 'ends_at']);
        foreach ($spans as $span) {
            yield [(int) $span->staff_id, self::span($span)];
        }
    }

    private static function span(\stdClass $row): Span
    {
        return Span::of((int) strtotime($row->starts_at.' UTC'), (int) strtotime($row->ends_at.' UTC'));
    }
}
