<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Time\Span;

/** A visitor who looks at a sheet, as far as they are known: what they and the student have booked already. */
final readonly class Onlooker
{
    private function __construct(
        public Claims $visitor,
        public Claims $student,
        /** @var non-empty-array<int, string|null> where they could meet, by the place's number; null where nobody has to walk */
        public array $places,
    ) {
    }

    public static function unknown(): self
    {
        return new self(new Claims, new Claims, [null]);
    }

    /** Whether what is said of the slots to them is what would be said to anybody. */
    public function isAnybody(): bool
    {
        return $this->visitor->isNone() && $this->student->isNone();
    }

    /**
     * @param  Booking|null  $moving  the booking that would be given up for the new one
     */
    public static function of(Sheet $sheet, ?int $passId, ?string $email, string $student, ?int $placeId, int $now, ?Booking $moving = null): self
    {
        $places = $sheet->places->whereIn('id', [$placeId])->whenEmpty(static fn () => $sheet->places);
        $email ??= '';
        $key = $student === '' ? '' : Booking::studentKey($student);
        $visitor = $about = [];
        foreach ($passId === null && $email === '' && $key === '' ? [] : self::bookings($sheet, $passId, $email, $key, $now) as $one) {
            if ((int) $one->id === $moving?->id) {
                continue;
            }
            if ((int) $one->pass_id === $passId || ($email !== '' && $one->email === $email)) {
                $visitor[] = $one;
            }
            if ($key !== '' && $one->student_key === $key) {
                $about[] = $one;
            }
        }

        return new self(self::claims($sheet, $visitor), self::claims($sheet, $about), $places->mapWithKeys(static fn (Place $place): array => [$place->id => $place->kind === PlaceKind::Room ? $place->label : null])->all() ?: [null]);
    }

    /**
     * What the visitor or the student has booked: on this sheet ever, on others from now on.
     *
     * @return iterable<\stdClass>
     */
    private static function bookings(Sheet $sheet, ?int $passId, string $email, string $key, int $now): iterable
    {
        // Each way to know them by an index of its own; one question with "or" would read every booking there is.
        $ways = array_filter(['bookings.pass_id' => $passId, 'passes.email' => $email === '' ? null : $email, 'bookings.student_key' => $key === '' ? null : $key], static fn ($value): bool => $value !== null);
        $known = array_map(static fn (string $column): string => 'SELECT bookings.id, bookings.sheet_id, bookings.pass_id, passes.email, bookings.student_key, bookings.starts_at, bookings.ends_at, places.kind, places.label'
            .' FROM bookings JOIN passes ON passes.id = bookings.pass_id JOIN places ON places.id = bookings.place_id'
            ." WHERE $column = ? AND bookings.state IN (?, ?) AND (bookings.ends_at > ? OR bookings.sheet_id = ?)", array_keys($ways));
        $asked = array_map(static fn (int|string $value): array => [$value, BookingState::Booked->value, BookingState::Asked->value, gmdate('Y-m-d H:i:s', $now - 86_400), $sheet->id], array_values($ways));

        return $known === [] ? [] : DB::select(implode(' UNION ', $known), array_merge(...$asked));
    }

    /** @param  list<\stdClass>  $bookings */
    private static function claims(Sheet $sheet, array $bookings): Claims
    {
        return new Claims(
            count(array_filter($bookings, static fn (\stdClass $one): bool => (int) $one->sheet_id === $sheet->id)),
            array_map(static fn (\stdClass $one): Engagement => new Engagement(
                Span::of((int) strtotime($one->starts_at.' UTC'), (int) strtotime($one->ends_at.' UTC')),
                $one->kind === PlaceKind::Room->value ? $one->label : null,
            ), $bookings),
        );
    }
}
