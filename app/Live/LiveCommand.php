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

    public function handle(Stamps $stamps): int
    {
        $ends = time() + (int) $this->option('max-time');
        $teller = new Teller($stamps, Tellers::here());
        do {
            $told = $teller->tell();
            if ($this->option('once') || time() >= $ends) {
                return self::SUCCESS;
            }
            // A web server that is away for a moment is asked again in a moment.
            $told === null ? sleep(1) : usleep($told > 0 ? 10_000 : self::PAUSE);
        } while (true);
    }
}
