<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\Destination;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Booking\Spot;
use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Undoable;
use App\Live\Announce;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Round;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Records\BlockReader;
use Recess\Time\LocalDate;

/** Takes back what was last done to a round's meetings: all of it, or nothing. Nobody has been told of it yet. */
final class TakeReplanBack
{
    public function __construct(private readonly Relocate $relocate) {}

    /** @throws ReplanRefused when it is too late, or somebody has one of the times by now */
    public function __invoke(Round $round, int $now): void
    {
        try {
            Contended::transaction(function () use ($round, $now): void {
                Guard::round($round->id);
                $change = Replanned::last($round, $now) ?? throw ReplanRefused::because('undo_late');
                $round = Round::query()->findOrFail($round->id);
                $bookings = Booking::query()
                    ->whereKey(array_keys($change->list('spots')))
                    ->with(['sheet', 'pass', 'hold'])
                    ->orderBy('id')
                    ->get();
                $back = self::back($bookings, $change);
                Relocate::guard(array_values($back));
                $change->what === 'evening' ? self::evening($round, $change) : self::reopen($change);
                $standing = array_filter($back, static fn(Destination $to): bool => $to->booking->stands());
                $standing === [] || ($this->relocate)(array_values($standing), Relocation::takenBack($now));
                foreach (array_diff_key($back, $standing) as $id => $to) {
                    $this->standAgain($to, $change->list('spots')[$id] ?? null, $now);
                }
                $change->takeBack($now);
            });
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn | OtherHost) {
            throw ReplanRefused::because('undo_taken');
        }
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return array<int, Destination> by booking
     */
    private static function back(Collection $bookings, Undoable $change): array
    {
        $back = [];
        foreach ($bookings as $booking) {
            $back[$booking->id] = Destination::back(
                $booking,
                Spot::from($change->list('spots')[$booking->id] ?? null) ?? throw new NoSeatLeft(),
            );
        }

        return $back;
    }

    private static function evening(Round $round, Undoable $change): void
    {
        [$from, $to, $blocks] = [$change->facts['from'] ?? null, $change->facts['to'] ?? null, $change->list('blocks')];
        if (!is_string($from) || !is_string($to)) {
            throw new NoSeatLeft();
        }
        $move = new EveningMove($round, LocalDate::parse($to), LocalDate::parse($from));
        $sheets = $move->sheets();
        $round->update(['blocks' => $blocks['round'] ?? $round->blocks, 'version' => $round->version + 1]);
        foreach ($sheets as $sheet) {
            $were = is_array($blocks['sheets'] ?? null) ? $blocks['sheets'][$sheet->id] ?? [] : [];
            MoveEvening::replace(
                $sheet,
                array_map(
                    BlockReader::read(...),
                    array_values(array_filter(is_array($were) ? $were : [], is_array(...))),
                ),
            );
        }
        MoveEvening::moveClosings($sheets, $move);
    }

    private static function reopen(Undoable $change): void
    {
        $starts = array_map(Instant::column(...), array_filter($change->list('closed'), is_int(...)));
        $sheet = Sheet::query()->findOrFail($change->whole('sheet'));
        $sheet->slotChanges()->where('closed', true)->whereIn('starts_at', $starts)->delete();
        Announce::sheet($sheet->id);
    }

    private function standAgain(Destination $to, mixed $was, int $now): void
    {
        $state =
            is_array($was) && is_string($was['state'] ?? null)
                ? BookingState::from($was['state'])
                : BookingState::Booked;
        $this->relocate->again(
            $to->booking,
            Spot::from($was) ?? throw new NoSeatLeft(),
            $state,
            Relocation::takenBack($now),
        );
    }
}
