<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\PlaceKind;
use App\Models\Sheet;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;

/** A visitor who looks at a sheet, as far as they are known: what they and the student have booked already. */
final readonly class Onlooker
{
    private function __construct(
        public Claims $visitor,
        public Claims $student,
        /** Where they would meet, as one place is told from another; null where nobody has to walk. */
        public ?string $place,
    ) {
    }

    public static function unknown(): self
    {
        return new self(new Claims, new Claims, null);
    }

    /**
     * @param  Booking|null  $moving  the booking that would be given up for the new one
     */
    public static function of(Sheet $sheet, ?int $passId, ?string $email, string $student, ?int $placeId, int $now, ?Booking $moving = null): self
    {
        $place = $sheet->places->firstWhere('id', $placeId) ?? $sheet->places->first();

        return new self(
            $passId === null && ($email ?? '') === '' ? new Claims : self::claims($sheet, $now, $moving, static fn ($query) => $query->where(static fn ($either) => $either
                ->when($passId !== null, static fn ($one) => $one->orWhere('pass_id', $passId))
                ->when(($email ?? '') !== '', static fn ($one) => $one->orWhereHas('pass', static fn ($pass) => $pass->where('email', $email))))),
            $student === '' ? new Claims : self::claims($sheet, $now, $moving, static fn ($query) => $query->where('student_key', Booking::studentKey($student))),
            $place?->kind === PlaceKind::Room ? $place->label : null,
        );
    }

    private static function claims(Sheet $sheet, int $now, ?Booking $moving, \Closure $whose): Claims
    {
        $query = Booking::query()
            ->whereIn('state', [BookingState::Booked, BookingState::Asked])
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $now - 86_400))
            ->when($moving !== null, static fn ($one) => $one->where('id', '!=', $moving?->id))
            ->with('place');
        $whose($query);
        $bookings = $query->get();

        return new Claims(
            Booking::query()->where('sheet_id', $sheet->id)->whereIn('state', [BookingState::Booked, BookingState::Asked])
                ->when($moving !== null, static fn ($one) => $one->where('id', '!=', $moving?->id))->tap($whose)->count(),
            array_values($bookings->map(static fn (Booking $booking): Engagement => new Engagement(
                $booking->span(),
                $booking->place->kind === PlaceKind::Room ? $booking->place->label : null,
            ))->all()),
        );
    }
}
