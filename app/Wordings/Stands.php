<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\AtHand;
use App\Framework\Words;
use Illuminate\Support\Str;

/** Where a sentence stands, for whoever words it: on which pages, in a letter, on paper. */
final class Stands
{
    /** Pages that somebody would call by one name. */
    private const PAGES = [
        'times' => ['Visit', 'Frame', 'NotIn'],
        'find' => ['Board', 'Door', 'Find'],
        'pass' => ['Pass', 'Join'],
        'round' => ['Round'],
        'asking' => ['Knock'],
        'entrance' => ['Kiosk'],
        'desk' => ['Desk'],
        'sheets' => ['Versions', 'Sheets', 'Worksheet', 'HostSheet', 'Knocks'],
        'rounds' => ['Rounds', 'RoundSetup', 'RoundChanges', 'Allotment'],
        'office' => [
            'Afterwards',
            'Day',
            'Directory',
            'Lists',
            'Log',
            'MailLeft',
            'OurSchool',
            'People',
            'Visitors',
            'Wordings',
        ],
        'account' => [
            'Account',
            'Alone',
            'CalendarServer',
            'Come',
            'Forgotten',
            'MoveIn',
            'SecondFactor',
            'Settings',
            'SignIn',
        ],
    ];

    /** What is said elsewhere than on a page, by the folder in which it is said. */
    private const FOLDERS = [
        'letter' => '#^(web/views/mail|app/(Telling|\w+Letters|Sharing))/#',
        'paper' => '#^web/views/paper/#',
        'plain' => '#^web/views/plain/#',
        'error' => '#^web/views/errors/#',
        'text' => '#^app/Texts/#',
        'answer' => '#^(app|core|database)/#',
    ];

    /** @return list<string> in a few words each */
    public static function of(string $key): array
    {
        return array_map(
            static fn(string $where): string => Words::say("wordings.in_$where"),
            self::places()[$key] ?? ['answer'],
        );
    }

    /** @return array<string, list<string>> words of wordings.in_…, by key */
    private static function places(): array
    {
        static $known = null;
        if (is_array($known)) {
            return $known;
        }
        // It changes with the program alone, and takes a moment to look up.
        $name = 'where it stands|' . filemtime(public_path('build/staff/words.json'));
        $kept = AtHand::get($name);
        if (!is_array($kept)) {
            $kept = self::looked();
            AtHand::put($name, $kept, 3_600);
        }

        return $known = $kept;
    }

    /** @return array<string, list<string>> */
    private static function looked(): array
    {
        $said = [];
        foreach (['visit', 'staff'] as $side) {
            $pages = json_decode((string) file_get_contents(public_path("build/$side/words.json")), true)['pages'];
            foreach (self::PAGES as $where => $those) {
                foreach (array_intersect_key($pages, array_flip($those)) as $keys) {
                    $said[$where] = [...$said[$where] ?? [], ...$keys];
                }
            }
        }
        foreach (['app', 'core', 'database', 'web/views'] as $folder) {
            foreach (self::files(base_path($folder)) as $path) {
                $where = self::folder(substr($path, strlen(base_path()) + 1));
                $where === null || ($said[$where] = [...$said[$where] ?? [], ...self::keysIn($path)]);
            }
        }
        $places = [];
        $all = array_keys(Ours::in('en'));
        foreach ($said as $where => $keys) {
            $begins = array_map(
                static fn(string $key): string => substr($key, 0, -1),
                array_filter($keys, static fn(string $key): bool => str_ends_with($key, '*')),
            );
            $isSaid = array_flip($keys);
            foreach ($all as $key) {
                if (isset($isSaid[$key]) || Str::startsWith($key, $begins)) {
                    $places[$key][] = $where;
                }
            }
        }

        return $places;
    }

    private static function folder(string $path): ?string
    {
        foreach (self::FOLDERS as $where => $folder) {
            if (preg_match($folder, $path) === 1) {
                return $where;
            }
        }

        return null;
    }

    /** @return list<string> what a file names as one names a sentence; where only the beginning is known it ends with * */
    private static function keysIn(string $path): array
    {
        preg_match_all('/[\'"]([a-z]+\.[a-z]\w*)([\'"]|\{?\$)/', (string) file_get_contents($path), $found);

        return array_map(
            static fn(string $key, string $end): string => str_ends_with($key, '_') ||
            $end[0] === '$' ||
            $end[0] === '{'
                ? "$key*"
                : $key,
            $found[1],
            $found[2],
        );
    }

    /** @return iterable<string> */
    private static function files(string $folder): iterable
    {
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            if ($file->getExtension() === 'php') {
                yield $file->getPathname();
            }
        }
    }
}
