<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\Contended;
use App\Framework\Pattern;
use App\Framework\Said;
use Illuminate\Support\Facades\DB;

/** Words sentences otherwise, or as ours again: all that is handed in, or nothing. */
final class WriteWordings
{
    /**
     * @param  array<string, string>  $texts  by key, each looked at (faults); what is the same as ours is ours
     * @return int how many are worded otherwise than before
     */
    public function __invoke(string $language, array $texts, int $now): int
    {
        $ours = Ours::in($language);
        $changed = Contended::transaction(static function () use ($language, $texts, $ours, $now): int {
            $before = DB::table('wordings')->where('language', $language)->lockForUpdate()->pluck('text', 'key')->all();
            $rows = $back = [];
            foreach ($texts as $key => $text) {
                if ($text === $ours[$key]) {
                    isset($before[$key]) && ($back[] = $key);
                } elseif ($text !== ($before[$key] ?? null)) {
                    $rows[] = [
                        'language' => $language,
                        'key' => $key,
                        'text' => $text,
                        'ours' => $ours[$key],
                        'written_at' => $now,
                    ];
                }
            }
            foreach (array_chunk($back, 500) as $some) {
                DB::table('wordings')->where('language', $language)->whereIn('key', $some)->delete();
            }
            foreach (array_chunk($rows, 200) as $some) {
                DB::table('wordings')->upsert($some, ['language', 'key'], ['text', 'ours', 'written_at']);
            }

            return count($rows) + count($back);
        });
        OwnWords::changed();

        return $changed;
    }

    /** @return list<Said> why it cannot be said in place of ours */
    public static function faults(string $language, string $key, Pattern $text): array
    {
        return $text->faults(new Pattern(Ours::in($language)[$key]), $language, Ours::isIcu($key));
    }
}
