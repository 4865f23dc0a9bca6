<?php

declare(strict_types=1);

namespace App\Demo;

use App\Framework\Clock;
use Illuminate\Console\Command;

/** Fills in the demo school, or adds its next conference evening. */
final class DemoCommand extends Command
{
    protected $signature = 'recess:demo';

    protected $description = 'Fill in the demo school; run again, it adds what time has made stale and changes nothing else';

    public function handle(DemoSchool $school): int
    {
        if (config('recess.demo') !== true) {
            $this->error('This is not a demo (RECESS_DEMO is not set), so no made-up school is filled in.');

            return self::FAILURE;
        }
        $school->fill(Clock::now());

        return self::SUCCESS;
    }
}
