<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Hold;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Seat;
use PHPUnit\Framework\Assert;
use Recess\Time\Span;

/** What has to be true of all bookings, whatever was done to them before. It knows nothing of how the application reckons. */
final class InOrder
{
    public static function check(string $after): void
    {
        $bookings = Booking::query()
            ->whereIn('state', BookingState::standing())
            ->with(['sheet.host.school', 'place', 'guests', 'pass'])
            ->get();
        self::everyMeetingHasItsTime($bookings->all(), $after);
        self::nothingIsHeldForNobody($after);
        self::nobodyIsInTwoMeetings($bookings->all(), $after);
    }

    /** @return array<string, mixed> all that a move could change, without numbers that nobody sees */
    public static function picture(): array
    {
        $columns = [
            'id',
            'sheet_id',
            'staff_id',
            'place_id',
            'starts_at',
            'ends_at',
            'state',
            'link',
            'language',
            'interpreter_id',
            'answers',
            'held_until',
        ];
        $holds = Hold::query()
            ->orderBy('staff_id')
            ->orderBy('starts_at')
            ->get()
            ->map(
                static fn(Hold $one): string => "$one->staff_id $one->sheet_id $one->starts_at $one->ends_at " .
                    ($one->with_hold_id === null ? 'own' : 'with'),
            );

        return [
            'bookings' => Booking::query()
                ->orderBy('id')
                ->get($columns)
                ->map(static fn(Booking $one): array => $one->getAttributes())
                ->all(),
            'holds' => $holds->all(),
            'guests' => Guest::query()->whereNull('left_at')->orderBy('id')->pluck('booking_id')->all(),
        ];
    }

    /** @param  array<Booking>  $bookings */
    private static function everyMeetingHasItsTime(array $bookings, string $after): void
    {
        $seats = [];
        foreach ($bookings as $booking) {
            $hold = Hold::query()->find($booking->hold_id);
            Assert::assertNotNull($hold, "$after: $booking->student has a time.");
            Assert::assertSame(
                [$booking->staff_id, $booking->sheet_id, (string) $booking->starts_at],
                [$hold->staff_id, $hold->sheet_id, (string) $hold->starts_at],
                "$after: with whom they meet, and when.",
            );
            Assert::assertTrue(
                Seat::query()
                    ->where(['hold_id' => $hold->id, 'seat' => $booking->seat])
                    ->whereNull('kept_until')
                    ->exists(),
                "$after: a seat for good.",
            );
            $seats[] = "$hold->id $booking->seat";
            if ($booking->ends_at > $hold->ends_at) {
                $rest = Hold::query()
                    ->where(['with_hold_id' => $hold->id, 'staff_id' => $hold->staff_id])
                    ->firstOrFail();
                Assert::assertTrue($rest->ends_at >= $booking->ends_at, "$after: as long as it is.");
            }
            if ($booking->language !== null) {
                $with = Hold::query()
                    ->where(['with_hold_id' => $hold->id, 'staff_id' => $booking->interpreter_id])
                    ->first();
                Assert::assertSame(
                    [(string) $booking->starts_at, (string) $booking->ends_at],
                    [(string) $with?->starts_at, (string) $with?->ends_at],
                    "$after: the interpreter is there all along.",
                );
            }
            $there = $booking->sheet->toCore()->placesAt($booking->span());
            Assert::assertTrue(
                $there === [] || array_key_exists($booking->place_id, $there),
                "$after: at a place of that time.",
            );
        }
        Assert::assertSame(array_unique($seats), $seats, "$after: one seat, one booking.");
    }

    private static function nothingIsHeldForNobody(string $after): void
    {
        foreach (Hold::query()->get() as $hold) {
            $of = $hold->with_hold_id ?? $hold->id;
            Assert::assertTrue(Seat::query()->where('hold_id', $of)->exists(), "$after: a hold has somebody.");
            if ($hold->with_hold_id !== null) {
                $bookings = Booking::query()->where('hold_id', $of)->get();
                $needed = $bookings->contains(
                    static fn(Booking $one): bool => $one->interpreter_id === $hold->staff_id ||
                        ($one->staff_id === $hold->staff_id && $one->ends_at >= $hold->ends_at),
                );
                Assert::assertTrue($needed, "$after: nobody's time is held alongside for nothing.");
            }
        }
    }

    /** @param  array<Booking>  $bookings */
    private static function nobodyIsInTwoMeetings(array $bookings, string $after): void
    {
        foreach ($bookings as $i => $one) {
            foreach (array_slice($bookings, $i + 1) as $other) {
                $same =
                    $one->pass_id === $other->pass_id ||
                    ($one->student_key !== '' && $one->student_key === $other->student_key) ||
                    ($one->pass->email !== null && $one->pass->email === $other->pass->email);
                if ($same) {
                    $way =
                        $one->place->kind !== PlaceKind::Room ||
                        $other->place->kind !== PlaceKind::Room ||
                        $one->place->label === $other->place->label
                            ? 0
                            : 60 * School::query()->firstOrFail()->travel_minutes;
                    $wide = Span::of($one->span()->start - $way, $one->span()->end + $way);
                    Assert::assertFalse(
                        $wide->overlaps($other->span()),
                        "$after: $one->student can be at both, and get there.",
                    );
                }
            }
        }
    }
}
