<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Booking\Presser;
use App\Calendars\Reader;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Party;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Recess\Time\Span;

/**
 * What a press leaves to be told: what happened and to whom, as it was then. Whoever presses waits for one small row; the
 * worker makes a letter for each reader of it, and each goes out, is tried again and fails by itself.
 */
final class WriteLetters implements ShouldQueue
{
    use Queueable;

    /**
     * For how long something is tried that has to be told, and each letter of it: three days, as mail servers do (RFC 5321,
     * 4.5.4.1: four to five). Seconds before each new attempt; the last of them again and again: 71 hours in all.
     */
    public const PAUSES = [10, 60, 300, 900, 3600, 7200, 14_400];

    public const TRIES = 25;

    public int $tries = self::TRIES;

    /**
     * @param  list<Reader>  $readers
     */
    private function __construct(
        private readonly int $booking,
        private readonly int $sequence,
        private readonly int $stamp,
        private readonly Span $span,
        private readonly Occasion $occasion,
        private readonly Presser|Party $by,
        private readonly string $note,
        private readonly ?Span $was,
        private readonly ?string $change,
        private readonly array $readers,
        private readonly ?Reader $toColleague,
        /** The pass of the guest whom it is about. */
        private readonly ?int $guest = null,
    ) {}

    /**
     * @param  list<Reader>  $readers
     * @param  Reader|null  $toColleague  who has lost the meeting to a colleague
     */
    public static function of(BookingNews $event, array $readers, ?Reader $toColleague): self
    {
        $left = new self(
            $event->booking->id,
            $event->booking->sequence,
            $event->booking->updated_at->getTimestamp(),
            $event->booking->span(),
            $event->occasion,
            $event->by,
            $event->note,
            $event->was,
            $event->change,
            $readers,
            $toColleague,
            $event->guest?->pass_id,
        );

        // What can be taken back for a while is told after it.
        return $event->change === null ? $left : $left->delay(Undoable::TOLD);
    }

    /** @return list<int> seconds to wait before each new attempt */
    public function backoff(): array
    {
        return self::PAUSES;
    }

    public function handle(): void
    {
        $booking = Booking::query()->find($this->booking);
        // Whose data was taken away meanwhile is told nothing, and nobody of what was taken back.
        if ($booking === null || Undoable::wasTakenBack($this->change)) {
            return;
        }
        // The letters are of that moment, wherever the meeting has gone since.
        $booking->forceFill([
            'sequence' => $this->sequence,
            'updated_at' => Instant::column($this->stamp),
            'starts_at' => Instant::column($this->span->start),
            'ends_at' => Instant::column($this->span->end),
        ]);
        $letters = array_map(fn(Reader $reader) => $this->letter($booking, $this->occasion, $reader), $this->readers);
        if ($this->toColleague !== null) {
            $letters[] = $this->letter($booking, Occasion::MovedAway, $this->toColleague);
        }
        // All or none: a worker that dies in between leaves this job, and no letter twice.
        DB::transaction(function () use ($letters): void {
            Queue::bulk($letters);
            $this->job?->delete();
        });
    }

    private function letter(Booking $booking, Occasion $occasion, Reader $reader): SendQueuedMailable
    {
        $message = new BookingMessage(
            $booking,
            $occasion,
            $reader,
            Presser::of($this->by),
            $this->note,
            $this->was,
            $this->guest,
        );
        $message->change = $this->change;

        return new SendQueuedMailable($message->to($reader->email(), $reader->addressee()));
    }
}
