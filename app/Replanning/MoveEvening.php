<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\CancelBooking;
use App\Booking\Destination;
use App\Booking\Ending;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Presser;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Undoable;
use App\Models\Block;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Guards;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Records\BlockRecord;
use Recess\Slots\Block as CoreBlock;

/**
 * Moves a whole evening of a round to another date, with all its meetings, in one transaction; those that cannot be then are
 * cancelled. Each family hears of all of its meetings in one letter.
 */
final class MoveEvening
{
    public function __construct(private readonly CancelBooking $cancel, private readonly Relocate $relocate) {}

    /**
     * @param  list<int>  $seen  the bookings of which the office has seen that they cannot be then
     * @param  string  $word  to families
     * @param  int  $now  seconds since the epoch
     *
     * @throws ReplanRefused when others cannot be then than were looked at, or the dates are no such dates
     */
    public function __invoke(EveningMove $move, array $seen, string $word, int $now): void
    {
        try {
            Contended::transaction(function () use ($move, $seen, $word, $now): void {
                Guard::round($move->round->id);
                $round = Round::query()->findOrFail($move->round->id);
                Relocate::guard(self::destinations($move, $move->bookings()));
                $sheets = $move->sheets();
                Guards::meetings(array_values($sheets->all()), []);
                // Who booked or gave back while the guards were waited for counts too.
                $bookings = $move->bookings();
                $cannot = $move->cannot($bookings, $now);
                array_diff($cannot, $seen) === [] || throw ReplanRefused::because('others_cannot');
                $change = Undoable::begun(Replanned::about($round), 'evening', $now);
                $spots = Replanned::spots($bookings);
                foreach ($bookings->whereIn('id', $cannot) as $booking) {
                    ($this->cancel)($booking, Ending::by(Presser::side(Party::Office), $word)->partOf($change->key));
                }
                $were = self::rewrite($round, $sheets, $move);
                $moved = $bookings->whereNotIn('id', $cannot)->values();
                $moved->isEmpty() ||
                    ($this->relocate)(
                        self::destinations($move, $moved),
                        Relocation::by(Presser::side(Party::Office), $word, $now)->partOf($change->key)->toldAtOnce(),
                    );
                foreach ($moved->groupBy('pass_id') as $theirs) {
                    event(
                        new EveningMoved(
                            $round,
                            $theirs->firstOrFail()->pass,
                            array_values($theirs->map(static fn(Booking $one): Booking => $one->refresh())->all()),
                            $word,
                            $change->key,
                        ),
                    );
                }
                $change->with([
                    'spots' => $spots,
                    'blocks' => $were,
                    'from' => (string) $move->from,
                    'to' => (string) $move->to,
                ]);
            });
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn) {
            throw ReplanRefused::because('others_cannot');
        }
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<Destination> each at its hour on the other date
     */
    private static function destinations(EveningMove $move, Collection $bookings): array
    {
        return array_values(
            $bookings
                ->map(
                    static fn(Booking $one): Destination => Destination::hour(
                        $one,
                        $move->moved($one->slot()),
                        $one->sheet,
                    ),
                )
                ->all(),
        );
    }

    /**
     * Each sheet's own times of that date, and what was closed there by hand.
     *
     * @param  Collection<int, Sheet>  $sheets
     * @return array{round: list<array<string, mixed>>, sheets: array<int, list<array<string, mixed>>>} as they were
     */
    private static function rewrite(Round $round, Collection $sheets, EveningMove $move): array
    {
        $were = ['round' => array_map(BlockRecord::of(...), $round->coreBlocks()), 'sheets' => []];
        $round->update([
            'blocks' => array_map(BlockRecord::of(...), $move->blocks($round->coreBlocks())),
            'version' => $round->version + 1,
        ]);
        foreach ($sheets as $sheet) {
            $were['sheets'][$sheet->id] = array_map(BlockRecord::of(...), $sheet->coreBlocks());
            self::replace($sheet, $move->blocks($sheet->coreBlocks()));
        }
        self::moveClosings($sheets, $move);

        return $were;
    }

    /** @param  list<CoreBlock>  $blocks */
    public static function replace(Sheet $sheet, array $blocks): void
    {
        $sheet->blocks()->delete();
        foreach ($blocks as $block) {
            $sheet->blocks()->create(Block::columnsOf($block));
        }
        $sheet->update(['version' => $sheet->version + 1]);
    }

    /**
     * What was closed by hand is closed at the same hour.
     *
     * @param  Collection<int, Sheet>  $sheets
     */
    public static function moveClosings(Collection $sheets, EveningMove $move): void
    {
        foreach ($sheets as $sheet) {
            $changes = $sheet
                ->slotChanges()
                ->where('starts_at', '>=', Instant::column($move->begins()))
                ->where('starts_at', '<', Instant::column($move->ends()))
                ->get();
            foreach ($changes as $change) {
                $then = $move->moved($change->span());
                $change->update([
                    'starts_at' => Instant::column($then->start),
                    'ends_at' => Instant::column($then->end),
                ]);
            }
        }
    }
}
