<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Round;

/** Somebody is not in a round any more while families wish: those who wished for them are told. Raised in the transaction that makes it so. */
final readonly class HostGone
{
    /**
     * @param  string  $sheet  the end of its address
     * @param  string  $host  by name
     */
    public function __construct(public Round $round, public string $sheet, public string $host) {}
}
