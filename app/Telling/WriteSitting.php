<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Booking\Presser;
use App\Booking\Sitting;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/**
 * Writes the one letter of a sitting, once it is quiet. Every booking of it leaves one of these; the first that finds
 * quiet writes the letter for all, the others find nothing that waits.
 */
final class WriteSitting implements ShouldQueue
{
    use Queueable;

    public int $tries = WriteLetters::TRIES;

    public function __construct(private readonly int $pass) {}

    /** @return list<int> seconds to wait before each new attempt */
    public function backoff(): array
    {
        return WriteLetters::PAUSES;
    }

    public function handle(): void
    {
        $waiting = Booking::query()
            ->where('pass_id', $this->pass)
            ->where('letter_waits', true)
            ->with(['sheet', 'pass', 'turn'])
            ->orderBy('starts_at')
            ->get();
        if ($waiting->isEmpty()) {
            return;
        }
        $quiet = $waiting->max(static fn(Booking $one): int => $one->updated_at->getTimestamp()) + Sitting::quiet();
        DB::transaction(function () use ($waiting, $quiet): void {
            $wait = (int) $quiet - Clock::now();
            if ($wait > 0 || !self::claims($waiting)) {
                Queue::later(max(1, $wait), new self($this->pass));
            } else {
                // What stands and is still to come: a job may have been held for days.
                $now = Clock::now();
                $letter = self::letter($waiting->filter(static fn(Booking $one): bool => $one->isAhead($now)));
                $letter === null || Queue::bulk([$letter]);
            }
            $this->job?->delete();
        });
    }

    /**
     * Whether all of them are as they were read, and nobody else writes of them just now. When they were changed last
     * stays: their calendar entries say it.
     *
     * @param  Collection<int, Booking>  $waiting
     */
    private static function claims(Collection $waiting): bool
    {
        $rows = Booking::query()->toBase()->whereIn('id', $waiting->modelKeys());
        $same = (clone $rows)
            ->where('letter_waits', true)
            ->where('updated_at', '<=', $waiting->max('updated_at'))
            ->lockForUpdate()
            ->get('id');
        if ($same->count() < $waiting->count()) {
            return false;
        }
        $rows->update(['letter_waits' => false]);

        return true;
    }

    /** @param  Collection<int, Booking>  $stand  what of it still stands */
    private static function letter(Collection $stand): ?SendQueuedMailable
    {
        $pass = $stand->first()?->pass;
        if (!($pass instanceof Pass) || $pass->email === null) {
            return null;
        }
        $reader = Reader::pass($pass);
        $message =
            $stand->count() === 1
                ? new BookingMessage($stand->firstOrFail(), Occasion::Booked, $reader, Presser::pass($pass))
                : new SittingLetter($pass, array_values(array_map(intval(...), $stand->modelKeys())));

        return new SendQueuedMailable($message->to($pass->email, $pass->addressee()));
    }
}
