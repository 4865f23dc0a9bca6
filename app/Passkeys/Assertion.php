<?php

declare(strict_types=1);

namespace App\Passkeys;

/** What a machine shows of a key (Web Authentication, section 5.2.2), in bytes as they came. */
final readonly class Assertion
{
    /**
     * @param  string  $client  what the browser says
     * @param  string  $data  what the machine says
     */
    public function __construct(public string $client, public string $data, public string $signature) {}
}
