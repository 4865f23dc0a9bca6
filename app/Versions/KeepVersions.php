<?php

declare(strict_types=1);

namespace App\Versions;

use App\Accounts\NotNow;
use App\Framework\Contended;
use App\Framework\Words;
use App\Live\Announce;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Guards;

/** What a sheet or a round says, in another language; a round's sheets say it with it. */
final class KeepVersions
{
    /**
     * @param  string|null  $writtenIn  in which language the originals stand; null where nobody says
     * @param  array<string, string>  $texts  by the original; an empty one is none
     * @param  string  $was  how that language stood when whoever writes began (digest)
     *
     * @throws NotNow where somebody else has changed it meanwhile
     */
    public function __invoke(Sheet|Round $of, ?string $writtenIn, string $language, array $texts, string $was): void
    {
        Contended::transaction(static function () use ($of, $writtenIn, $language, $texts, $was): void {
            $sheets = $of instanceof Sheet ? [$of] : $of->sheets()->orderBy('id')->get()->all();
            foreach ($sheets as $sheet) {
                Guards::edit($sheet);
            }
            $now = $of->newQuery()->lockForUpdate()->findOrFail($of->id);
            if (!hash_equals(self::digest($now, $language), $was)) {
                throw new NotNow(Words::say('versions.meanwhile'));
            }
            $given = array_filter(
                $texts,
                static fn(string $text, string $original): bool => trim($text) !== '' && $text !== $original,
                ARRAY_FILTER_USE_BOTH,
            );
            $now->update(['language' => $writtenIn, 'versions' => self::with($now, $language, $given)]);
            foreach ($sheets as $sheet) {
                if (!($of instanceof Sheet)) {
                    // What a sheet says beside its round stays.
                    $own = array_diff_key($sheet->versions[$language] ?? [], $texts);
                    $versions = self::with($sheet, $language, $given + $own);
                    $sheet->refresh()->update(['language' => $writtenIn, 'versions' => $versions]);
                }
                Announce::sheet($sheet->id);
            }
        });
    }

    /** By which it is known that a language stands as it did. */
    public static function digest(Sheet|Round $of, string $language): string
    {
        $texts = $of->versions[$language] ?? [];
        ksort($texts);

        return hash('sha256', json_encode([$of->language, $texts], JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, string>  $texts
     * @return array<string, array<string, string>>|null
     */
    private static function with(Sheet|Round $of, string $language, array $texts): ?array
    {
        return array_filter([$language => $texts] + ($of->versions ?? [])) ?: null;
    }
}
