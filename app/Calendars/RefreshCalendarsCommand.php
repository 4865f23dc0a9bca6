<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Calendar;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Fetches every feed that has not been fetched for a while. */
final class RefreshCalendarsCommand extends Command
{
    private const EVERY_MINUTES = 15;

    protected $signature = 'recess:calendars';

    protected $description = 'Fetch the calendars of staff members anew';

    public function handle(RefreshCalendar $refresh): int
    {
        $now = CarbonImmutable::now();
        $due = Calendar::query()->whereNotNull('address')
            ->where(static fn ($one) => $one->whereNull('fetched_at')->orWhere('fetched_at', '<=', $now->subMinutes(self::EVERY_MINUTES)))
            ->with('owner.school')->get();
        $failed = $due->reject(static fn (Calendar $calendar): bool => $refresh($calendar, $now->getTimestamp()))->count();
        $this->line(sprintf('%d fetched, %d failed.', $due->count() - $failed, $failed));

        return self::SUCCESS;
    }
}
