<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Words;
use App\Models\Calendar;
use App\Models\Instant;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Fetches every feed that has not been fetched for a while; each by a program with bounds of its own. */
final class RefreshCalendarsCommand extends Command
{
    private const EVERY_MINUTES = 15;

    /** Seconds of processor time for one calendar. */
    private const SECONDS = 30;

    protected $signature = 'recess:calendars {--here : read them in this program} {--these= : no others than these, by number}';

    protected $description = 'Fetch the calendars of staff members anew';

    public function handle(RefreshCalendar $refresh, ReadApart $apart): int
    {
        $now = CarbonImmutable::now();
        if (!$this->option('here')) {
            $due = $this->due($now)->pluck('id');
            $ended = $apart(array_values(array_map(intval(...), $due->all())));
            Calendar::query()
                ->whereKey($ended)
                ->update([
                    'failure' => Words::say('running.calendar_too_much'),
                    'fetched_at' => Instant::column($now->getTimestamp()),
                ]);
            $this->line(sprintf('%d read, %d ended.', $due->count() - count($ended), count($ended)));

            return self::SUCCESS;
        }
        $before = (int) ini_get('max_execution_time');
        foreach ($this->due($now)->with('owner.school')->get() as $calendar) {
            $this->line("reading $calendar->id");
            // Counted anew for each, and of processor time alone: to wait for an answer has its own end.
            set_time_limit(self::SECONDS);
            $refresh($calendar, $now->getTimestamp());
        }
        set_time_limit($before);

        return self::SUCCESS;
    }

    /** @return Builder<Calendar> */
    private function due(CarbonImmutable $now): Builder
    {
        $these = $this->option('these');
        $numbers = is_string($these) ? array_map(intval(...), explode(',', $these)) : null;

        return Calendar::query()
            ->whereNotNull('address')
            ->when($numbers !== null, static fn($one) => $one->whereKey($numbers))
            ->where(
                static fn($one) => $one
                    ->whereNull('fetched_at')
                    ->orWhere('fetched_at', '<=', $now->subMinutes(self::EVERY_MINUTES)),
            )
            ->orderBy('id');
    }
}
