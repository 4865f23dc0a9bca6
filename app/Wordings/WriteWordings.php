<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Accounts\NotNow;
use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Pattern;
use App\Framework\Said;
use App\Framework\Words;
use Illuminate\Support\Facades\DB;

/** Words sentences otherwise, or as ours again: all that is handed in, or nothing. */
final class WriteWordings
{
    /**
     * @param  array<string, string>  $texts  by key, each looked at (faults); what is the same as ours is ours
     * @param  array<string, string>  $was  how each of them was said to whoever worded it, by key
     * @return int how many are worded otherwise than before
     *
     * @throws NotNow where somebody else has worded one of them meanwhile
     */
    public function __invoke(string $language, array $texts, array $was, int $now): int
    {
        $ours = Ours::in($language);
        $changed = Contended::transaction(static function () use ($language, $texts, $was, $ours, $now): int {
            Guard::raise("wordings|$language");
            $before = WordingsData::texts($language);
            foreach ($was as $key => $said) {
                $says = $before[$key] ?? $ours[$key];
                $says === $said || throw new NotNow(Words::say('wordings.meanwhile', ['text' => $says]));
            }
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
