<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\ReadApart;
use App\Framework\Clock;
use Illuminate\Console\Command;

/** Looks at every calendar server, and writes to it; each in a program with bounds of its own. */
final class InStepCommand extends Command
{
    /** Seconds of processor time for one server. */
    private const SECONDS = 30;

    /** Seconds for all the answers of one: the others wait for it. */
    private const WAITS = 60;

    protected $signature = 'recess:in-step {--here : in this program} {--these= : no others than these, by number}';

    protected $description = 'Bring hosts’ calendars on calendar servers and what is agreed here into step';

    public function handle(KeepInStep $keep): int
    {
        $now = Clock::now();
        $these = $this->option('these');
        $numbers = is_string($these) ? array_map(intval(...), explode(',', $these)) : null;
        $due = CalendarServer::query()
            ->when($numbers !== null, static fn($one) => $one->whereKey($numbers))
            ->orderBy('id')
            ->get()
            ->reject(static fn(CalendarServer $one): bool => $one->rests($now));
        if (!$this->option('here')) {
            $ended = ReadApart::by('recess:in-step')(array_values($due->modelKeys()));
            foreach ($due->whereIn('id', $ended) as $one) {
                $one->failed(DavFailed::tooMuch(), $now);
            }

            return self::SUCCESS;
        }
        $before = (int) ini_get('max_execution_time');
        foreach ($due as $server) {
            $this->line("reading $server->id");
            // Counted anew for each, and of processor time alone: to wait for an answer has its own end.
            set_time_limit(self::SECONDS);
            $keep($server, true, $now, self::WAITS);
        }
        set_time_limit($before);

        return self::SUCCESS;
    }
}
