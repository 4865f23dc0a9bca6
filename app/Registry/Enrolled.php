<?php

declare(strict_types=1);

namespace App\Registry;

/** One school of an installation that serves several. */
final readonly class Enrolled
{
    /**
     * @param  string  $name  by which whoever runs the installation calls it: letters, digits and hyphens
     * @param  non-empty-list<string>  $hosts  as HostName gives them; the first is its own
     * @param  string  $sealed  what opens it, as Seal has it
     */
    public function __construct(
        public string $name,
        public array $hosts,
        public Standing $standing,
        public string $sealed,
    ) {}

    /** @param  string  $home  the address of the installation's own school: by the same way, on the same port */
    public function address(string $home): string
    {
        $is = parse_url($home);

        return ($is['scheme'] ?? 'https') . "://{$this->hosts[0]}" . (isset($is['port']) ? ":{$is['port']}" : '');
    }

    /** What its database and that one's user are called. */
    public function database(): string
    {
        return self::databaseOf($this->name);
    }

    public static function databaseOf(string $name): string
    {
        return 'recess_' . str_replace('-', '_', $name);
    }
}
