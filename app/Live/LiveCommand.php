<?php

declare(strict_types=1);

namespace App\Live;

use Illuminate\Console\Command;

/**
 * Tells this server's pages what was written down for them (Announce), ten times a second, each channel once however much
 * changed. It runs all day on each server; whatever one of them could not tell stays written down.
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
        $tellers = Tellers::here();
        $said = 0;
        do {
            if (time() - $said >= Tellers::SAYS) {
                $tellers->say();
                $said = time();
            }
            $told = $this->tell($stamps, $tellers);
            if ($this->option('once') || time() >= $ends) {
                return self::SUCCESS;
            }
            // A web server that is away for a moment is asked again in a moment.
            $told === null ? sleep(1) : usleep($told > 0 ? 10_000 : self::PAUSE);
        } while (true);
    }

    /** @return int|null how many stamps there were; null when they could not be told */
    private function tell(Stamps $stamps, Tellers $tellers): ?int
    {
        $untold = $tellers->untold(self::AT_ONCE);
        if ($untold === []) {
            return 0;
        }
        try {
            $stamps->publish(array_values(array_unique($untold)));
        } catch (StampsNotSent $failure) {
            // Once, until it is mended: it is tried each second.
            $this->silent || report($failure);
            $this->silent = true;

            return null;
        }
        $this->silent = false;
        $tellers->told(array_keys($untold));

        return count($untold);
    }
}
