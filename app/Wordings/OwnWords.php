<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\AtHand;
use Illuminate\Contracts\Translation\Loader;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/**
 * Puts the school's own wordings over ours, wherever a sentence is said: a page, a letter, a paper, an answer.
 *
 * What the web server's processes share is two seconds old at most; a process that works on goes by looksAgain(). Where the
 * database is away, what was known last is said, or ours: that it is away has to be said, too.
 */
final class OwnWords implements Loader
{
    /** Seconds for which nobody asks again. */
    private const LASTS = 2;

    private const SHARED = 'wordings';

    private const LAST = 'wordings as known last';

    /**
     * Texts by key, by catalogue, by language; null where they are to be asked for.
     *
     * @var array<string, array<string, array<string, string>>>|null
     */
    private static ?array $known = null;

    public function __construct(private readonly Loader $ours) {}

    /** @return array<array-key, mixed> */
    public function load($locale, $group, $namespace = null): array
    {
        $all = $this->ours->load($locale, $group, $namespace);
        foreach (self::known()[$locale][$group] ?? [] as $key => $text) {
            // One that ours does not have any more is said nowhere.
            if (is_string(Arr::get($all, $key))) {
                Arr::set($all, $key, $text);
            }
        }

        return $all;
    }

    /** What is under way says the others from now on. */
    public static function looksAgain(): void
    {
        self::$known = null;
        app()->resolved('translator') && app('translator')->setLoaded([]);
    }

    /** Another wording has been written: whoever asks next, reads it. */
    public static function changed(): void
    {
        AtHand::forget(self::SHARED);
        self::looksAgain();
    }

    /** @return array<string, array<string, array<string, string>>> */
    private static function known(): array
    {
        if (self::$known !== null) {
            return self::$known;
        }
        $shared = AtHand::get(self::SHARED);

        return self::$known = is_array($shared) ? $shared : self::asked();
    }

    /** @return array<string, array<string, array<string, string>>> */
    private static function asked(): array
    {
        try {
            $rows = DB::table('wordings')->get(['language', 'key', 'text']);
        } catch (\PDOException) {
            // Away, or not made yet (the very first migration): see above.
            $last = AtHand::get(self::LAST);

            return is_array($last) ? $last : [];
        }
        $all = [];
        foreach ($rows as $row) {
            [$catalogue, $key] = explode('.', (string) $row->key, 2);
            $all[(string) $row->language][$catalogue][$key] = (string) $row->text;
        }
        AtHand::put(self::SHARED, $all, self::LASTS);
        AtHand::put(self::LAST, $all);

        return $all;
    }

    public function addNamespace($namespace, $hint): void
    {
        $this->ours->addNamespace($namespace, $hint);
    }

    public function addJsonPath($path): void
    {
        $this->ours->addJsonPath($path);
    }

    /** @return array<array-key, mixed> */
    public function namespaces(): array
    {
        return $this->ours->namespaces();
    }
}
