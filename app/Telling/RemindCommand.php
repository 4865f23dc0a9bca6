<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Clock;
use Illuminate\Console\Command;

/** Sends the reminders that are due. Run every minute; run twice, or late, nobody hears anything twice. */
final class RemindCommand extends Command
{
    protected $signature = 'recess:remind';

    protected $description = 'Remind visitors and hosts of meetings that are near';

    public function handle(SendReminders $send): int
    {
        $this->line($send(Clock::now()) . ' reminded of.');

        return self::SUCCESS;
    }
}
