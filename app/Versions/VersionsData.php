<?php

declare(strict_types=1);

namespace App\Versions;

use App\Framework\Languages;
use App\Framework\Version;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;

/** What a sheet or a round says, beside what it says in each other language, and what it was said like before. */
final class VersionsData
{
    /** Earlier sheets that are looked through for what was said already. */
    private const EARLIER = 40;

    /** @return VersionsShape as Versions in docs/formats/recess.openapi.yaml */
    public static function of(Sheet|Round $of, StaffMember $reader): array
    {
        $texts = Version::originals($of);
        $kind = $of instanceof Sheet ? 'sheet' : 'round';
        $before = self::before($of, $reader);

        return [
            'title' => $of->title,
            'back' => "/staff/{$kind}s/$of->id",
            'kind' => $kind,
            'id' => $of->id,
            'written_in' => $of->language,
            'languages' => array_map(
                static fn(array $one): array => $one + ['direction' => Languages::direction($one['code'])],
                Languages::choice(Languages::called(...)),
            ),
            'texts' => $texts,
            'versions' => array_map(
                static fn(string $language): array => [
                    'language' => $language,
                    'texts' => array_map(
                        static fn(string $text): string => $of->versions[$language][$text] ?? '',
                        $texts,
                    ),
                    'before' => self::beside($of, $language, $texts, $before[$language] ?? []),
                    'was' => KeepVersions::digest($of, $language),
                ],
                Languages::offered(),
            ),
        ];
    }

    /**
     * What stood there for an original that is another now, and what the same original was elsewhere.
     *
     * @param  list<string>  $texts
     * @param  array<string, string>  $earlier
     * @return list<array{original: string, text: string}>
     */
    private static function beside(Sheet|Round $of, string $language, array $texts, array $earlier): array
    {
        $given = $of->versions[$language] ?? [];
        $left = array_diff_key($given, array_flip($texts));
        $elsewhere = array_diff_key(array_intersect_key($earlier, array_flip($texts)), $given);
        $beside = [];
        foreach (array_slice($elsewhere + $left, 0, 50, true) as $original => $text) {
            $beside[] = ['original' => (string) $original, 'text' => $text];
        }

        return $beside;
    }

    /** @return array<string, array<string, string>> by language, of the newest sheets of its host */
    private static function before(Sheet|Round $of, StaffMember $reader): array
    {
        $before = [];
        $sheets = Sheet::query()
            ->where('staff_id', $of instanceof Sheet ? $of->staff_id : $reader->id)
            ->whereNotNull('versions')
            ->orderByDesc('id')
            ->limit(self::EARLIER)
            ->get(['id', 'versions']);
        foreach ($sheets as $sheet) {
            foreach ($sheet->versions ?? [] as $language => $texts) {
                $before[$language] = ($before[$language] ?? []) + $texts;
            }
        }

        return $before;
    }
}
