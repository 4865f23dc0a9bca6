<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Recess\Allotting\Allotment as Found;
use Recess\Allotting\Allotter;
use Recess\Allotting\Evenings;
use Recess\Fitting\Between;

/** Looks for an allotment, says how far it is, and keeps what it has found. */
final class WorkAllotment implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 600;

    /** The same number on every machine: the same wishes give the same answer. About a minute's work. */
    private const STEPS = 30_000_000;

    /** Seconds after which a slow machine ends with what there is. */
    private const SECONDS = 180;

    /** Seconds between two words of how far it is. */
    private const WORD = 0.5;

    public function __construct(private readonly int $allotment)
    {
        $this->onQueue('rounds');
    }

    public function handle(CheckAllotment $check): void
    {
        $now = Clock::now();
        $allotment = Allotment::query()->with('round.school')->find($this->allotment);
        // Of one that was given up meanwhile nobody waits for an answer.
        if (
            $allotment === null ||
            !in_array($allotment->state, [AllotmentState::Waiting, AllotmentState::Running], true)
        ) {
            return;
        }
        $task = RoundTask::of($allotment->round, $now);
        $allotment->update([
            'state' => AllotmentState::Running,
            'heard_at' => Instant::column($now),
            'wishes' => count($task->list->rows),
        ]);
        $pins = $this->pins($allotment, $task);
        $found = Allotter::allot(
            new Evenings(
                $task->hosts,
                $task->families,
                new Between($allotment->round->school->travel()),
                $allotment->round->school->timeZone(),
                $task->interpreters($now),
            ),
            $allotment->seed,
            self::STEPS,
            $this->isOver($allotment, $task->breaks()),
            array_column($pins, 'start', 'id'),
        );
        $this->keep($allotment, $task, $found, array_column($pins, 'row', 'row'));
        // What is said to be granted is checked against the database before it is said.
        $check($allotment);
        $this->end($allotment);
    }

    public function failed(): void
    {
        Allotment::query()
            ->whereKey($this->allotment)
            ->update(['busy' => null, 'state' => AllotmentState::Failed, 'ended_at' => Instant::column(Clock::now())]);
    }

    /** @return \Closure(int, int): bool that says now and then how far it is, and hears whether to stop */
    private function isOver(Allotment $allotment, int $breaks): \Closure
    {
        $end = hrtime(true) + self::SECONDS * 1_000_000_000;
        $next = 0;
        $stop = false;

        return static function (int $granted, int $bound) use ($allotment, $breaks, $end, &$next, &$stop): bool {
            $time = hrtime(true);
            if ($time >= $next && !$stop) {
                $next = $time + (int) (self::WORD * 1e9);
                // A teacher's break is granted too, and nobody's wish.
                DB::table('allotments')
                    ->where('id', $allotment->id)
                    ->update([
                        'granted' => max(0, $granted - $breaks),
                        'bound' => max(0, $bound - $breaks),
                        'heard_at' => Instant::column(Clock::now()),
                    ]);
                $stop = DB::table('allotments')->where('id', $allotment->id)->where('to_stop', false)->doesntExist();
            }

            return $stop || $time >= $end;
        };
    }

    /** @return list<array{id: string, row: int, start: int}> what is to keep the time that it has in the allotment before */
    private function pins(Allotment $allotment, RoundTask $task): array
    {
        $before = Allotment::query()
            ->where('round_id', $allotment->round_id)
            ->where('id', '<', $allotment->id)
            ->whereIn('state', [AllotmentState::Found])
            ->orderByDesc('id')
            ->first();
        $starts = [];
        foreach ($before?->rows()->where('pinned', true)->whereNotNull('starts_at')->get() ?? [] as $row) {
            $starts[$row->key()] = $row->span()?->start;
        }
        $pins = [];
        foreach ($task->meant as $id => ['row' => $i]) {
            $row = $i === null ? null : $task->list->rows[$i];
            $start =
                $row === null
                    ? null
                    : $starts[Allotted::keyOf($row['pass_id'], $row['sheet_id'], $row['student'])] ?? null;
            if ($i !== null && $start !== null) {
                $pins[] = ['id' => $id, 'row' => $i, 'start' => $start];
            }
        }

        return $pins;
    }

    /** @param  array<int, int>  $pinned  rows that were to keep their time */
    private function keep(Allotment $allotment, RoundTask $task, Found $found, array $pinned): void
    {
        $rows = array_map(
            static fn(array $row): array => [
                'allotment_id' => $allotment->id,
                'starts_at' => null,
                'ends_at' => null,
                'pinned' => false,
                'why' => $row['why']?->value,
            ] + $row,
            $task->list->rows,
        );
        $breaks = [];
        foreach ($found->given as $id => $span) {
            ['row' => $i, 'sheet' => $sheet] = $task->meant[$id];
            if ($i === null) {
                foreach ($task->partsWith($sheet) as $part) {
                    $breaks[] = ['sheet' => $part, 'start' => $span->start, 'end' => $span->end];
                }
            } else {
                $rows[$i] =
                    [
                        'starts_at' => Instant::column($span->start),
                        'ends_at' => Instant::column($span->end),
                        'pinned' => isset($pinned[$i]),
                    ] + $rows[$i];
            }
        }
        foreach ($found->not as $id => $why) {
            $i = $task->meant[$id]['row'];
            $i === null || ($rows[$i] = ['why' => NotGranted::of($why)->value] + $rows[$i]);
        }
        DB::transaction(static function () use ($allotment, $rows, $breaks, $found, $task): void {
            // Of one that was given up, or found by another worker meanwhile, nothing is written.
            $is = self::running($allotment)->update([
                'bound' => max(0, $found->bound - $task->breaks()),
                'breaks' => json_encode($breaks, JSON_THROW_ON_ERROR),
                'heard_at' => Instant::column(Clock::now()),
            ]);
            if ($is === 1 || self::running($allotment)->exists()) {
                // Of a try that ended in the middle of this.
                $allotment->rows()->delete();
                foreach (array_chunk($rows, 500) as $some) {
                    DB::table('allotted')->insert($some);
                }
            }
        });
    }

    private function end(Allotment $allotment): void
    {
        DB::transaction(static function () use ($allotment): void {
            $is = self::running($allotment)->update([
                'busy' => null,
                'state' => AllotmentState::Found,
                'granted' => $allotment->rows()->whereNotNull('starts_at')->count(),
                'ended_at' => Instant::column(Clock::now()),
            ]);
            // Of those before it nobody needs anything any more: what was pinned is pinned here.
            $is === 0 ||
                Allotment::query()->where('round_id', $allotment->round_id)->where('id', '<', $allotment->id)->delete();
        });
    }

    private static function running(Allotment $allotment): Builder
    {
        return DB::table('allotments')->where('id', $allotment->id)->where('state', AllotmentState::Running);
    }
}
