<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\Claim;
use App\Booking\NoSeatLeft;
use App\Booking\Permit;
use App\Booking\SeatWish;
use App\Booking\TakeSeat;
use App\Models\Instant;
use App\Models\Sheet;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Time\Span;

/** Keeps the times of a knock for all who have to be there. To be called inside a transaction that has raised the guards of those it decides for. */
final class KeepTimes
{
    public function __construct(private readonly TakeSeat $takeSeat) {}

    /**
     * @param  list<Span>  $spans
     * @param  Claim  $claim  with the key under which they are kept
     * @return Span|null the first that cannot be had; null when all are kept
     */
    public function __invoke(Sheet $sheet, array $spans, Claim $claim, int $until): ?Span
    {
        foreach ($spans as $span) {
            try {
                $permit = Permit::of($sheet, $span->start, $claim, KnockSheet::at($sheet, $span));
                $wish = SeatWish::with(null)->kept(
                    (string) $claim->who->keeper,
                    min($until, $span->start),
                    $claim->who->passId,
                );
                ($this->takeSeat)($sheet->id, $permit->timetable, $permit->slot, $wish);
            } catch (NoSeatLeft | UniqueConstraintViolationException) {
                return $span;
            }
        }

        return null;
    }

    /**
     * How long times are kept: until the answer is due, but no longer than they are to come.
     *
     * @param  non-empty-list<Span>  $spans
     */
    public static function until(array $spans, int $answerBy): string
    {
        return Instant::column(min($answerBy, max(array_map(static fn(Span $span): int => $span->start, $spans))));
    }
}
