<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** How much there is of what: said after a backup was restored. */
final class CensusCommand extends Command
{
    protected $signature = 'recess:census';

    protected $description = 'Says how many staff, sheets, bookings and students there are';

    public function handle(): int
    {
        $count = static fn(string $table): int => DB::table($table)->count();
        $this->line(
            Words::say('running.census', [
                'staff' => $count('staff'),
                'sheets' => $count('sheets'),
                'bookings' => $count('bookings'),
                'students' => $count('students'),
            ]),
        );

        return self::SUCCESS;
    }
}
