<?php

declare(strict_types=1);

namespace App\Live;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Tells the pages what was written down for them (Announce), ten times a second, each channel once however much changed.
 * It runs all day; whatever it could not tell stays written down.
 */
final class LiveCommand extends Command
{
    protected $signature = 'recess:live {--max-time=3600 : seconds after which it ends, to be started anew} {--once : tell what there is, and end}';

    protected $description = 'Tell the pages that something changed';

    /** Microseconds between two looks. */
    private const PAUSE = 100_000;

    private const AT_ONCE = 2000;

    private bool $silent = false;

    public function handle(Stamps $stamps): int
    {
        $ends = time() + (int) $this->option('max-time');
        do {
            $told = $this->tell($stamps);
            if ($this->option('once') || time() >= $ends) {
                return self::SUCCESS;
            }
            // A web server that is away for a moment is asked again in a moment.
            $told === null ? sleep(1) : usleep($told > 0 ? 10_000 : self::PAUSE);
        } while (true);
    }

    /** @return int|null how many stamps there were; null when they could not be told */
    private function tell(Stamps $stamps): ?int
    {
        $rows = DB::select('SELECT id, channel FROM stamps ORDER BY id LIMIT ' . self::AT_ONCE);
        if ($rows === []) {
            return 0;
        }
        try {
            $stamps->publish(
                array_values(array_unique(array_map(static fn(\stdClass $row): string => $row->channel, $rows))),
            );
        } catch (StampsNotSent $failure) {
            // Once, until it is mended: it is tried each second.
            $this->silent || report($failure);
            $this->silent = true;

            return null;
        }
        $this->silent = false;
        DB::table('stamps')
            ->whereIn('id', array_map(static fn(\stdClass $row): int => (int) $row->id, $rows))
            ->delete();

        return count($rows);
    }
}
