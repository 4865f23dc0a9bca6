<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\School;
use App\Models\StaffMember;
use Illuminate\Console\Command;

/** Prints the address at which an empty server becomes a school's. */
final class FirstKeyCommand extends Command
{
    protected $signature = 'recess:first-key';

    protected $description = 'Prints the one address at which the school is named and its first person comes in; it opens once, within a day';

    public function handle(): int
    {
        if (StaffMember::query()->where('office', true)->whereNotNull('came_at')->exists()) {
            $this->error(Words::say('accounts.moved_in', ['school' => School::query()->value('name')]));

            return self::FAILURE;
        }
        $this->line(AccountKey::toEmptyServer(Clock::now())->link());

        return self::SUCCESS;
    }
}
