<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Models\Pass;

/** What somebody looks for among all who offer the same; what cannot be read is as if it had not been said. */
final readonly class FindAsk
{
    /**
     * @param  string  $from  the first date, and $to the last
     * @param  string  $names  of hosts, or what they teach: parts, in any order
     * @param  int  $skip  hosts before those that are shown
     * @param  Pass|null  $pass  whose meetings are in the way, of whoever looks
     */
    public function __construct(
        public string $about,
        public string $from,
        public string $to,
        public string $names,
        public int $skip,
        public ?Pass $pass = null,
    ) {}
}
