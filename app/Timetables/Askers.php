<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\PlaceKind;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Recess\Asker;
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

    /**
     * @param  list<int>  $sheets
     * @return array<int, Asker> by sheet, all with one question
     */
    public static function of(array $sheets, Asking $who, int $now): array
    {
        if ($who->isHost) {
            return array_fill_keys($sheets, Asker::host());
        }
        $key = $who->student === '' ? '' : Booking::studentKey($who->student);
        $visitor = $about = [];
        foreach ($sheets === [] ? [] : self::bookings($sheets, $who, $key, $now) as $one) {
            if ((int) $one->id === $who->moving?->id) {
                continue;
            }
            if ((int) $one->pass_id === $who->passId || ($who->across && $who->email !== '' && $one->email === $who->email)) {
                $visitor[] = $one;
            }
            if ($key !== '' && $one->student_key === $key) {
                $about[] = $one;
            }
        }
        // Whose a booking is tells its address where it has one: one person may have several passes.
        $others = array_values(
            array_filter(
                $about, static fn (\stdClass $one): bool => (int) $one->pass_id !== $who->passId && ($who->email === '' || $one->email !== $who->email),
            ),
        );

        $interpreters = $who->language === null ? [] : self::interpreters($sheets, $who->language, $who->moving, $now);
        $times = $key === '' || $who->passId === null || $sheets === [] ? [] : Longer::times($sheets, $who->passId, $key);

        return array_combine($sheets, array_map(static fn (int $sheet): Asker => Asker::known(
            self::claims($sheet, $visitor, $now), self::claims($sheet, $about, $now, $others), $who->placeId, $times[$sheet] ?? 1,
            $interpreters[$sheet] ?? null,
        ), $sheets));
    }

    /**
     * @param  list<int>  $sheets
     * @return array<int, list<list<Span>>> by sheet of a round: when each who speaks the language is free
     */
    private static function interpreters(array $sheets, string $language, ?Booking $moving, int $now): array
    {
        $free = $bySheet = [];
        foreach (Sheet::query()->whereKey($sheets)->whereNotNull('round_id')->with('round.school')->get() as $sheet) {
            $round = $sheet->round;
            if ($round !== null) {
                $bySheet[$sheet->id] = $free[$round->id] ??= Interpreters::free($round->id, $language, $round->range(), $now, $moving);
            }
        }

        return $bySheet;
    }

    /**
     * What the visitor or the student has booked: on these sheets ever, on others from now on.
     *
     * @param  list<int>  $sheets
     * @return list<\stdClass>
     */
    private static function bookings(array $sheets, Asking $who, string $key, int $now): array
    {
        // Each way to know them by an index of its own; one question with "or" would read every booking there is.
        $ways = array_filter([
            'bookings.pass_id' => $who->passId,
            'passes.email' => ! $who->across || $who->email === '' ? null : $who->email,
            'bookings.student_key' => ! $who->across || $key === '' ? null : $key,
        ], static fn ($value): bool => $value !== null);
        $standing = "'".implode("', '", array_column(BookingState::standing(), 'value'))."'";
        $these = implode(', ', $sheets);
        $known = array_map(static fn (string $column): string => 'SELECT bookings.id, bookings.sheet_id, bookings.pass_id, passes.email, bookings.student_key, UNIX_TIMESTAMP(bookings.starts_at) AS starts, UNIX_TIMESTAMP(bookings.ends_at) AS ends, places.kind, places.label'
            .' FROM bookings JOIN passes ON passes.id = bookings.pass_id JOIN places ON places.id = bookings.place_id'
            ." WHERE $column = ? AND bookings.state IN ($standing) AND (bookings.ends_at > ? OR bookings.sheet_id IN ($these))", array_keys($ways));
        $asked = array_map(static fn (int|string $value): array => [$value, Instant::column($now - self::BACK)], array_values($ways));

        return $known === [] ? [] : array_values(DB::select(implode(' UNION ', $known), array_merge(...$asked)));
    }

    /**
     * @param  list<\stdClass>  $bookings
     * @param  list<\stdClass>  $others  those of them that are somebody else's
     */
    private static function claims(int $sheet, array $bookings, int $now, array $others = []): Claims
    {
        $here = static fn (array $some): int => count(array_filter($some, static fn (\stdClass $one): bool => (int) $one->sheet_id === $sheet));

        return new Claims(
            $here($bookings),
            array_values(
                array_map(
                    self::engagement(...),
                    array_filter($bookings, static fn (\stdClass $one): bool => (int) $one->sheet_id === $sheet || (int) $one->ends > $now - self::BACK),
                ),
            ),
            $here($others),
        );
    }

    private static function engagement(\stdClass $one): Engagement
    {
        return new Engagement(Span::of((int) $one->starts, (int) $one->ends), $one->kind === PlaceKind::Room->value ? $one->label : null);
    }
}
