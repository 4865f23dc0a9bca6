<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Clock;
use App\Models\School;
use Illuminate\Console\Command;

/** Fills in the demo school, or adds its next conference evening. */
final class DemoCommand extends Command
{
    protected $signature = 'recess:demo {--by-day : with the meetings of today in the afternoon, and not around now}';

    /** Seconds after which the coming day has begun, and its minute of the afternoon. */
    private const LATER = 6 * 3600;

    private const AFTERNOON = 840;

    protected $description = 'Fill in the demo school; run again, it adds what time has made stale and changes nothing else';

    public function handle(
        DemoSchool $school,
        DemoDay $day,
        DemoKnocks $knocks,
        DemoRound $round,
        DemoSpring $spring,
    ): int {
        if (config('recess.demo') !== true) {
            $this->error('This is not a demo (RECESS_DEMO is not set), so no made-up school is filled in.');

            return self::FAILURE;
        }
        $now = Clock::now();
        $school->fill($now);
        $made = School::query()->where('name', DemoSchool::NAME)->firstOrFail();
        $day->fill(
            $made,
            $this->option('by-day')
                ? $made->timeZone()->instant($made->timeZone()->dateAt($now + self::LATER), self::AFTERNOON)
                : $now,
            begun: $this->option('by-day') !== true,
        );
        $knocks->fill($made, $now);
        $round->fill($made, $now);
        $spring->fill($made, $now);

        return self::SUCCESS;
    }
}
