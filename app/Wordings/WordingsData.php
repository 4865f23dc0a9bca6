<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\Languages;
use App\Framework\Pattern;
use App\Framework\Sought;
use Illuminate\Support\Facades\DB;

/** Sentences of one language that somebody looks for, to word them otherwise. */
final class WordingsData
{
    /** More at once nobody reads: one types another word. */
    private const SHOWN = 25;

    /** @return WordingListShape as WordingList in docs/formats/recess.openapi.yaml */
    public static function of(string $language, string $sought, bool $ownOnly): array
    {
        $rows = self::rows($language);
        $ours = Ours::in($language);
        $english = Ours::in('en');
        $words = array_filter(explode(' ', Sought::plain($sought)), static fn(string $word): bool => $word !== '');
        $found = [];
        foreach ($ours as $key => $text) {
            $mine = $rows[$key] ?? null;
            if ($ownOnly && $mine === null) {
                continue;
            }
            $in = Sought::plain(($mine['text'] ?? '') . "\n$text\n" . ($english[$key] ?? '') . "\n$key");
            foreach ($words as $word) {
                if (!str_contains($in, $word)) {
                    continue 2;
                }
            }
            // What holds all of it as it was typed is what is meant, most of the time.
            $found[$key] = str_contains(Sought::plain($mine['text'] ?? $text), Sought::plain($sought)) ? 0 : 1;
        }
        asort($found);
        $isSearch = $words !== [] || $ownOnly;
        $shown = $isSearch ? array_slice(array_keys($found), 0, self::SHOWN) : [];

        return [
            'language' => $language,
            'sought' => $sought,
            'own_only' => $ownOnly,
            'own' => count(array_intersect_key($rows, $ours)),
            'all' => count($ours),
            'more' => $isSearch ? count($found) - count($shown) : 0,
            'languages' => Languages::choice(Languages::name(...)),
            'direction' => Languages::direction($language),
            'sentences' => array_map(
                static fn(string $key): array => self::sentence($language, $key, $rows[$key] ?? null),
                $shown,
            ),
        ];
    }

    /**
     * @param  array{text: string, ours: string}|null  $mine
     * @return WordingShape as Wording
     */
    public static function sentence(string $language, string $key, ?array $mine): array
    {
        $ours = Ours::in($language)[$key];
        $text = $mine['text'] ?? $ours;

        return [
            'key' => $key,
            'text' => $text,
            'ours' => $ours,
            'own' => $mine !== null,
            'ours_changed' => $mine !== null && $mine['ours'] !== $ours,
            'english' => $language === 'en' ? [] : self::reads('en', $key, Ours::in('en')[$key] ?? '', 1),
            'where' => Stands::of($key),
            'reads' => self::reads($language, $key, $text, 6),
        ];
    }

    /** @return list<string> */
    private static function reads(string $language, string $key, string $text, int $most): array
    {
        return Ours::isIcu($key) ? (new Pattern($text))->examples($language, $most) : [$text];
    }

    /** @return array<string, array{text: string, ours: string}> the school's own, by key */
    public static function rows(string $language): array
    {
        $rows = [];
        foreach (
            DB::table('wordings')
                ->where('language', $language)
                ->get(['key', 'text', 'ours'])
            as $row
        ) {
            $rows[(string) $row->key] = ['text' => (string) $row->text, 'ours' => (string) $row->ours];
        }

        return $rows;
    }

    /** @return array<string, string> */
    public static function texts(string $language): array
    {
        return array_map(static fn(array $row): string => $row['text'], self::rows($language));
    }
}
