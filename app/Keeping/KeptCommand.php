<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Console\Command;

/** Prints what is kept of whom, as docs/security.md lists it. */
final class KeptCommand extends Command
{
    protected $signature = 'recess:kept';

    protected $description = 'Prints what is kept of whom and until when, as a table for docs/security.md';

    protected $hidden = true;

    public function handle(): int
    {
        $this->output->write(WhatIsKept::table());

        return self::SUCCESS;
    }
}
