<?php

declare(strict_types=1);

namespace App\Registry;

use Illuminate\Console\Command;

/**
 * The schools of an installation, for whoever runs it: called by bin/recess schools, which makes tables and takes what has
 * changed in. It runs as the user who may change the registry.
 */
final class SchoolsCommand extends Command
{
    protected $signature = 'recess:schools
        {what=list : list, names, hosts, address, add, rooms, open, suspend, rename, set or settings}
        {name? : of the school}
        {values?* : a host; or NAME=VALUE to set, where - as the value reads it from the standard input}';

    protected $description = 'The schools of this installation, beside that of its own settings';

    public function handle(): int
    {
        $registry = Registry::of(config());
        if ($registry === null) {
            $this->error('This installation has no registry of schools.');

            return self::FAILURE;
        }
        $keeper = new Keeper($registry, HostName::of((string) parse_url((string) config('app.url'), PHP_URL_HOST)));
        $named = $this->argument('name');
        $name = is_string($named) ? $named : '';
        /** @var list<string> $values */
        $values = $this->argument('values');
        try {
            match ($this->argument('what')) {
                'list' => $this->list($registry, $keeper),
                'names' => $this->lines(array_keys($registry->all())),
                'hosts' => $this->lines(array_merge(...array_column(array_values($registry->all()), 'hosts'))),
                'address' => $this->line(
                    ($registry->named($name) ?? throw new NotChanged(Why::NoSchool))->address(
                        (string) config('app.url'),
                    ),
                ),
                'add' => $keeper->add($name, $values[0] ?? ''),
                'rooms' => $keeper->makeRooms(),
                'open' => $keeper->stand($name, Standing::Open, $values === ['made']),
                'suspend' => $keeper->stand($name, Standing::Suspended),
                'rename' => $keeper->rename($name, $values[0] ?? ''),
                'set' => $keeper->set($name, $this->pairs($values)),
                'settings' => $this->settings($registry, $name),
                default => throw new \InvalidArgumentException('There is no such command.'),
            };
        } catch (NotChanged $not) {
            $this->error($this->said($not->why) . ' Nothing was changed.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function list(Registry $registry, Keeper $keeper): void
    {
        $this->table(
            ['School', 'Reached at', 'Is', 'Size'],
            array_map(static function (Enrolled $school) use ($keeper): array {
                $size = $keeper->size($school);

                return [
                    $school->name,
                    implode(', ', $school->hosts),
                    match ($school->standing) {
                        Standing::Making => 'half made: add it again',
                        Standing::Open => 'open',
                        Standing::Suspended => 'suspended',
                    },
                    $size === null ? 'no tables' : sprintf('%.1f MB', $size / 1_048_576),
                ];
            }, array_values($registry->all())),
        );
    }

    private function settings(Registry $registry, string $name): void
    {
        $school = $registry->named($name) ?? throw new NotChanged(Why::NoSchool);
        foreach ($registry->seal()->open($school)->settings as $which => $value) {
            $this->line("$which=" . (in_array($which, Settings::SECRET, true) ? '(set, and shown to nobody)' : $value));
        }
    }

    /**
     * @param  list<string>  $values
     * @return array<string, string>
     */
    private function pairs(array $values): array
    {
        $pairs = [];
        foreach ($values as $value) {
            [$which, $is] = [...explode('=', $value, 2), ''];
            // What stands on a command line can be read by everybody on the machine.
            $pairs[$which] = $is === '-' ? trim((string) fgets(STDIN)) : $is;
        }

        return $pairs;
    }

    /** @param  list<string>  $lines */
    private function lines(array $lines): void
    {
        array_map($this->line(...), $lines);
    }

    private function said(Why $why): string
    {
        return match ($why) {
            Why::NotAName
                => 'A school’s name has 2 to 31 small letters, digits and single hyphens, and begins with a letter; some are ours.',
            Why::NotAHost
                => 'That is no host name: as people type it, meet.example.org, without https:// and without a path.',
            Why::NameTaken => 'There is a school of that name already.',
            Why::HostTaken => 'That host name is another school’s already.',
            Why::NotEmpty
                => 'There is a database of that name already, with tables in it that no school here has made.',
            Why::NoSchool => 'No school is called that: bin/recess schools list.',
            Why::StillMade => 'It is not whole yet: add it again, which goes on from where it was cut short.',
            Why::NoSetting => 'There is no such setting: ' . implode(', ', array_keys(Settings::ALL)) . '.',
            Why::NotAValue => 'That is no value for it.',
        };
    }
}
