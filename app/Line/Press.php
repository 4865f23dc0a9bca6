<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\Spot;
use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Models\Turn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * One press at a host's desk. Of two at once one wins, and the other is told what is true now; what it changed is kept
 * for some seconds, so that it can be taken back whole.
 */
final class Press
{
    public readonly string $key;

    /** @var array<string, array<string, mixed>|null> each turn's columns as they were; null where there was none */
    private array $turns = [];

    /** @var array<int, array<string, mixed>>|null the two bookings that changed times, and where each was (Spot) */
    private ?array $swapped = null;

    private function __construct(
        public readonly HostDay $day,
        public readonly DeskDay $desk,
        public readonly int $now,
        Undoable $change,
    ) {
        $this->key = $change->key;
    }

    /**
     * @param  int  $revision  of the desk, as whoever presses sees it
     * @param  string  $what  a word of lang/en/day.php, pressed.*
     * @param  \Closure(self): void  $work
     *
     * @throws PressedElsewhere
     */
    public static function at(StaffMember $host, int $revision, string $what, int $now, \Closure $work): void
    {
        Contended::transaction(static function () use ($host, $revision, $what, $now, $work): void {
            $day = DayOf::at($now, $host->school->timeZone());
            $desk = self::raised($host, $day, $revision);
            $before = self::deskColumns($desk);
            $change = Undoable::begun(self::about($host, $day), $what, $now);
            $press = new self(HostDay::of($host, $day), $desk, $now, $change);
            $work($press);
            $desk->save();
            $change->with(['desk' => $before, 'turns' => $press->turns, 'swapped' => $press->swapped]);
        });
    }

    public static function about(StaffMember $host, DayOf $day): string
    {
        return "desk|$host->id|$day->date";
    }

    /** The desk of that day, on which nobody else presses until this is over. */
    public static function raised(StaffMember $host, DayOf $day, int $revision): DeskDay
    {
        $whose = ['staff_id' => $host->id, 'day' => (string) $day->date];
        DB::table('desk_days')->insertOrIgnore(
            $whose + ['created_at' => CarbonImmutable::now(), 'updated_at' => CarbonImmutable::now()],
        );
        if (
            DB::table('desk_days')
                ->where($whose)
                ->where('revision', $revision)
                ->update(['revision' => $revision + 1]) === 0
        ) {
            throw PressedElsewhere::meanwhile();
        }

        return DeskDay::query()->where($whose)->firstOrFail();
    }

    /** @throws PressedElsewhere when it is on that day no longer */
    public function booking(string $key): Booking
    {
        return $this->day->bookings->first(static fn(Booking $one): bool => TurnKey::of($one) === $key) ??
            throw PressedElsewhere::because('not_there');
    }

    /**
     * Somebody's turn, to be changed; kept as it was.
     *
     * @throws PressedElsewhere when they are on that day no longer
     */
    public function turn(string $key): Turn
    {
        if ($key[0] === 't') {
            $turn =
                $this->day->unbooked->first(static fn(Turn $one): bool => TurnKey::of($one) === $key) ??
                throw PressedElsewhere::because('not_there');
        } else {
            $booking = $this->booking($key);
            $turn = $booking->turn ?? self::begun($booking, $this->day->day);
            $booking->setRelation('turn', $turn);
        }
        if (!array_key_exists($key, $this->turns)) {
            $this->turns[$key] = $turn->exists ? self::turnColumns($turn) : null;
        }

        return $turn;
    }

    public function unbooked(Turn $turn): void
    {
        $this->turns[TurnKey::of($turn)] = null;
    }

    /** @return list<string> whose turn it is just now */
    public function underWay(): array
    {
        return [
            ...$this->day->bookings
                ->filter(static fn(Booking $one): bool => $one->turn?->isUnderWay() === true)
                ->map(TurnKey::of(...))
                ->values()
                ->all(),
            ...$this->day->unbooked
                ->filter(static fn(Turn $one): bool => $one->isUnderWay())
                ->map(TurnKey::of(...))
                ->values()
                ->all(),
        ];
    }

    /** @return list<string> who is there and waits */
    public function waiting(): array
    {
        $waits = static fn(?Turn $turn): bool => $turn !== null &&
            $turn->arrived_at !== null &&
            $turn->called_at === null &&
            !$turn->isOver();

        return [
            ...$this->day->bookings
                ->filter(static fn(Booking $one): bool => $waits($one->turn))
                ->map(TurnKey::of(...))
                ->values()
                ->all(),
            ...$this->day->unbooked->filter($waits)->map(TurnKey::of(...))->values()->all(),
        ];
    }

    /** The one who is in no longer: the link that all share is gone from their page. */
    public function close(string $key): void
    {
        $turn = $this->turn($key);
        $turn->fill(['ended_at' => Instant::column($this->now), 'outcome' => 'met'])->save();
        $this->calledIn($key, null);
    }

    /** What a booking says of it for whoever asks for its link. */
    public function calledIn(string $key, ?int $at): void
    {
        if ($key[0] === 'b') {
            $this->booking($key)->update(['called_in_at' => $at === null ? null : Instant::column($at)]);
        }
    }

    public function swapped(Booking $one, Booking $other): void
    {
        // With the same host: what they answered is no matter of this press.
        $spot = static fn(Booking $booking): array => ['answers' => null] + Spot::of($booking)->toArray();
        $this->swapped = [$one->id => $spot($one), $other->id => $spot($other)];
    }

    public static function begun(Booking $booking, DayOf $day): Turn
    {
        return new Turn(['staff_id' => $booking->staff_id, 'booking_id' => $booking->id, 'day' => (string) $day->date]);
    }

    /** @return array<string, mixed> */
    private static function turnColumns(Turn $turn): array
    {
        return array_diff_key(
            $turn->getAttributes(),
            array_flip(['id', 'created_at', 'updated_at', 'said_from', 'said_until', 'answer', 'answer_at']),
        );
    }

    /** @return array<string, mixed> */
    private static function deskColumns(DeskDay $desk): array
    {
        return array_intersect_key($desk->getAttributes(), array_flip(['late_minutes', 'break_from', 'break_until']));
    }
}
