<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Figures for monitoring, as Prometheus reads them (text exposition format 0.0.4). No names and no addresses are among them. */
final class MetricsController
{
    public function __invoke(Request $request): Response
    {
        // Set by the web server's own listener for this machine; what a client sends arrives under other names.
        abort_unless($request->server('RECESS_WATCH') === 'yes', 404);
        $lines = [];
        foreach ($this->figures(Clock::now()) as $name => [$help, $value]) {
            array_push($lines, "# HELP $name $help", "# TYPE $name gauge", "$name $value");
        }

        return new Response(implode("\n", $lines) . "\n", 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }

    /** @return array<string, array{string, int}> by the metric's name: what it is, and its value */
    private function figures(int $now): array
    {
        $there = 'recess_database_up';
        try {
            $vitals = Vitals::at($now);
            $figures = [
                $there => ['Whether the database answers', 1],
                'recess_tables_of_this_version' => ['Whether code and tables fit', (int) TablesOfThis::fit()],
                'recess_queue_due' => ['Letters and other work that is due', $vitals->waiting],
                'recess_queue_oldest_seconds' => ['For how long the oldest of it has been due', $vitals->waitsFor],
                'recess_failed_day' => ['What could not be done at all, of the last day', $vitals->failed],
                'recess_scheduler_silent_seconds' => [
                    'Since the last beat of the scheduler; -1 when there was none',
                    $vitals->silent ?? -1,
                ],
                'recess_clock_ahead_seconds' => ['By how much the newest row lies in the future', $vitals->ahead],
                'recess_disk_free_bytes' => ['On the disk of this installation', $vitals->freeBytes],
                'recess_sheets_open' => [
                    'Sheets that can be booked',
                    DB::table('sheets')->where('state', 'open')->whereNull('put_away_at')->count(),
                ],
                'recess_bookings_ahead' => [
                    'Bookings of times to come',
                    DB::table('bookings')
                        ->where('state', 'booked')
                        ->where('starts_at', '>', gmdate('Y-m-d H:i:s', $now))
                        ->count(),
                ],
            ];
            foreach (app()->tagged(Watched::class) as $watched) {
                assert($watched instanceof Watched);
                $figures += $watched->figures($now);
            }

            return $figures + Night::figures($now);
        } catch (QueryException $failure) {
            if (!DatabaseAway::is($failure)) {
                throw $failure;
            }

            return [$there => ['Whether the database answers', 0]] + Night::figures($now);
        }
    }
}
