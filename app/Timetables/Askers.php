<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\Instant;
use App\Models\Sheet;
use Recess\Asker;
use Recess\Names\NameKey;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Time\Span;

/**
 * What is known of whoever asks: their bookings, and those about the student. Of their own pass alone, unless it is asked
 * across passes: anybody can type a name or an address.
 */
final class Askers
{
    /** Seconds for which what is over is still looked at: nobody needs longer from one room to the next. */
    private const BACK = 86_400;

    /** Seconds: no round is further ahead, nor is one moved there. */
    private const AHEAD = 3 * 366 * 86_400;

    /**
     * @param  list<int>  $sheets
     * @return array<int, Asker> by sheet, all with one question
     */
    public static function of(array $sheets, Asking $who, int $now): array
    {
        if ($who->isHost) {
            return array_fill_keys($sheets, Asker::host());
        }
        $key = $who->student === '' ? '' : NameKey::of($who->student);
        $visitor = $about = $others = [];
        $givenUp = array_map(static fn(Booking $one): int => $one->id, $who->givenUp);
        foreach ($sheets === [] ? [] : self::known($sheets, $who, $key, $now) as $one) {
            $isTheirs = $one->isOf($who->passId, $who->across ? $who->email : '');
            if (in_array($one->booking, $givenUp, true)) {
                continue;
            }
            if ($isTheirs) {
                $visitor[] = $one;
            }
            if ($one->isAbout($key, $who->studentId)) {
                $about[] = $one;
                // Whose a booking is tells its address where it has one: one person may have several passes.
                $one->isOf($who->passId, $who->email) || ($others[] = $one);
            }
        }

        $interpreters = $who->language === null ? [] : self::interpreters($sheets, $who->language, $who->givenUp, $now);
        $times =
            $key === '' || $who->passId === null || $sheets === []
                ? []
                : app(RoundsKnow::class)->times($sheets, $who->passId, $key);

        return array_combine(
            $sheets,
            array_map(
                static fn(int $sheet): Asker => Asker::known(
                    self::claims($sheet, $visitor, $now),
                    self::claims($sheet, $about, $now, $others),
                    $who->placeId,
                    $times[$sheet] ?? 1,
                    $interpreters[$sheet] ?? null,
                ),
                $sheets,
            ),
        );
    }

    /**
     * @param  list<int>  $sheets
     * @param  list<Booking>  $givenUp
     * @return array<int, list<list<Span>>> by sheet of a round: when each who speaks the language is free
     */
    private static function interpreters(array $sheets, string $language, array $givenUp, int $now): array
    {
        $free = $bySheet = [];
        $range = Span::of($now - self::BACK, $now + self::AHEAD);
        foreach (
            Sheet::query()->whereKey($sheets)->whereNotNull('round_id')->pluck('round_id', 'id')
            as $sheet => $round
        ) {
            $bySheet[(int) $sheet] = $free[$round] ??= Interpreters::free(
                (int) $round,
                $language,
                $range,
                $now,
                $givenUp,
            );
        }

        return $bySheet;
    }

    /**
     * Where the visitor and the student are: on these sheets ever, on others from now on.
     *
     * @param  list<int>  $sheets
     * @return list<Presence>
     */
    private static function known(array $sheets, Asking $who, string $key, int $now): array
    {
        $people = $who->passId === null ? People::passes() : People::passes($who->passId);

        return Whereabouts::of(
            $who->across ? $people->across([$who->email], [$key], [$who->studentId]) : $people,
            Span::of($now - self::BACK, Instant::FURTHEST),
            $sheets,
        );
    }

    /**
     * @param  list<Presence>  $bookings
     * @param  list<Presence>  $others  those of them that are somebody else's
     */
    private static function claims(int $sheet, array $bookings, int $now, array $others = []): Claims
    {
        // One to which they are only brought is none of those they may have.
        $here = static fn(array $some): array => array_values(
            array_filter($some, static fn(Presence $one): bool => $one->isOwn && $one->sheet === $sheet),
        );
        $mine = $here($bookings);
        $near = array_filter(
            $bookings,
            static fn(Presence $one): bool => $one->sheet === $sheet || $one->span->end > $now - self::BACK,
        );

        return new Claims(
            count($mine),
            array_values(array_map(static fn(Presence $one): Engagement => $one->engagement(), $near)),
            count($here($others)),
            array_map(static fn(Presence $one): Span => $one->span, $mine),
        );
    }
}
