<?php

declare(strict_types=1);

namespace App\Registry;

/** What opens a school: nobody reads it but the program that serves it. */
final readonly class Opens
{
    /**
     * @param  string  $password  of its database's user
     * @param  string  $key  its application key, as Laravel writes one: every address that it gave out is made with it
     * @param  array<string, string>  $settings  its own, by the names of Settings
     */
    public function __construct(
        #[\SensitiveParameter] public string $password,
        #[\SensitiveParameter] public string $key,
        #[\SensitiveParameter] public array $settings = [],
    ) {}

    public static function anew(): self
    {
        return new self(bin2hex(random_bytes(24)), 'base64:' . base64_encode(random_bytes(32)));
    }

    /** @param  array<string, string>  $settings */
    public function with(array $settings): self
    {
        return new self($this->password, $this->key, $settings);
    }
}
