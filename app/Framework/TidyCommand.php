<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Console\Command;

/** Ends what was only for a while: keeps, wishes that nobody answered, offers, keys. Run every minute. */
final class TidyCommand extends Command
{
    protected $signature = 'recess:tidy';

    protected $description = 'End keeps, unanswered wishes and offers whose time is up';

    public function handle(): int
    {
        $now = Clock::now();
        Limits::tidy($now);
        Undoable::tidy($now);
        foreach ($this->laravel->tagged(Tidies::class) as $room) {
            assert($room instanceof Tidies);
            $room->tidy($now);
        }

        return self::SUCCESS;
    }
}
