<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Reading;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Sheet;
use Recess\Time\Span;
use Recess\Time\Spans;

/** Those who interpret in a round: whoever needs one is met only when one of their language is free, and none is in two meetings. */
final class Interpreters
{
    /** @return array<string, list<int>> by language: who speaks it */
    public static function of(int $round): array
    {
        return app(RoundsKnow::class)->interpreters($round);
    }

    /** For which language a family needs one, as its page of the round says; null for none, or where nobody there speaks it any more. */
    public static function neededBy(?Pass $pass, ?int $round): ?string
    {
        return $pass === null || $round === null ? null : app(RoundsKnow::class)->languageOf($pass, $round);
    }

    /**
     * When each who speaks a language is free.
     *
     * @param  int  $now  seconds since the epoch
     * @param  list<Booking>  $givenUp  for other times, and their interpreters with them
     * @return list<list<Span>> one for each of them
     */
    public static function free(int $round, string $language, Span $range, int $now, array $givenUp = []): array
    {
        $who = self::of($round)[$language] ?? [];
        $engaged = $who === [] ? [] : Whereabouts::ofStaff($who, $range, $now, givenUp: $givenUp);

        return array_map(
            static fn(int $one): array => Spans::of([$range])
                ->subtract($engaged[$one])
                ->all(),
            $who,
        );
    }

    /**
     * The times at which one of them is free.
     *
     * @param  list<Span>  $times
     * @param  list<list<Span>>  $free  as free() says it
     * @return list<Span>
     */
    public static function among(array $times, array $free): array
    {
        return array_values(
            array_filter($times, static function (Span $time) use ($free): bool {
                foreach ($free as $one) {
                    if ($time->liesInOneOf($one)) {
                        return true;
                    }
                }

                return false;
            }),
        );
    }

    /** @return list<int> who interprets from a language at a sheet's meetings; nobody outside a round */
    public static function at(Sheet $sheet, ?string $language): array
    {
        return $language === null || $sheet->round_id === null ? [] : self::of($sheet->round_id)[$language] ?? [];
    }

    /** What a language is called, by whoever reads it; null when the code is none, whoever asks. */
    public static function name(string $code): ?string
    {
        if (
            preg_match('/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/D', $code) !== 1 ||
            \Locale::getDisplayLanguage($code, 'en') === $code
        ) {
            return null;
        }

        return \Locale::getDisplayLanguage($code, Reading::now()->language) ?: null;
    }
}
