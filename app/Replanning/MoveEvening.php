<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\BookingNews;
use App\Booking\CancelBooking;
use App\Booking\Occasion;
use App\Booking\Told;
use App\Framework\Contended;
use App\Models\Block;
use App\Models\Booking;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Glance;
use App\Timetables\Guards;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Recess\Records\BlockRecord;

/**
 * Moves a whole evening of a round to another date, with all its meetings, in one transaction; those that cannot be then are
 * cancelled. Each family hears of all of its meetings in one letter.
 */
final class MoveEvening
{
    public function __construct(private readonly CancelBooking $cancel)
    {
    }

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
                $round = Round::query()->lockForUpdate()->findOrFail($move->round->id);
                $sheets = array_values($round->openSheets());
                $people = $move->bookings()->map(static fn (Booking $one): array => [(string) $one->pass->email, $one->student])->all();
                Guards::meetings($sheets, array_values($people));
                // Who booked or gave back while the guards were waited for counts too.
                $bookings = $move->bookings();
                $cannot = $move->cannot($bookings, $now);
                array_diff($cannot, $seen) === [] || throw ReplanRefused::because('others_cannot');
                foreach ($bookings->whereIn('id', $cannot) as $booking) {
                    ($this->cancel)($booking, Party::Office, $word);
                }
                $this->rewrite($round, $sheets, $move);
                $moved = $bookings->whereNotIn('id', $cannot)->values();
                $this->move($moved, $move, $word);
                foreach ($moved->groupBy('pass_id') as $theirs) {
                    event(new EveningMoved($round, $theirs->firstOrFail()->pass, array_values($theirs->all()), $word));
                }
            });
        } catch (UniqueConstraintViolationException) {
            throw ReplanRefused::because('others_cannot');
        }
    }

    /** @param  list<Sheet>  $sheets */
    private function rewrite(Round $round, array $sheets, EveningMove $move): void
    {
        $blocks = $move->blocks($round->coreBlocks());
        $round->update(['blocks' => array_map(BlockRecord::of(...), $blocks), 'version' => $round->version + 1]);
        foreach ($sheets as $sheet) {
            $sheet->blocks()->delete();
            foreach ($blocks as $block) {
                $sheet->blocks()->create(Block::columnsOf($block));
            }
            // What was closed by hand is closed at the same hour.
            foreach ($sheet->slotChanges()->where('starts_at', '>=', Instant::column($move->begins()))->where('starts_at', '<', Instant::column($move->ends()))->get() as $change) {
                $then = $move->moved($change->span());
                $change->update(['starts_at' => Instant::column($then->start), 'ends_at' => Instant::column($then->end)]);
            }
            $sheet->update(['version' => $sheet->version + 1]);
        }
    }

    /** @param  Collection<int, Booking>  $bookings */
    private function move(Collection $bookings, EveningMove $move, string $word): void
    {
        foreach ($bookings as $booking) {
            $was = $booking->span();
            $then = $move->moved($was);
            $columns = ['starts_at' => Instant::column($then->start), 'ends_at' => Instant::column($then->end)];
            // Whoever has to be there too comes along, and the rest of a longer meeting.
            foreach (Hold::query()->whereKey($booking->hold_id)->orWhere('with_hold_id', $booking->hold_id)->get() as $hold) {
                $held = $move->moved($hold->span());
                $hold->update(['starts_at' => Instant::column($held->start), 'ends_at' => Instant::column($held->end)]);
            }
            $booking->update($columns + ['sequence' => $booking->sequence + 1]);
            DB::afterCommit(static fn () => Glance::forget($booking->sheet_id, $was->start));
            event(new BookingNews($booking, Occasion::Moved, Party::Office, $word, $was, $booking->host, told: Told::AtOnce));
        }
    }
}
