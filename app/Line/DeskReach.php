<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Builder;

/**
 * How much of a host's desk somebody sees and presses: all of it the host, whoever looks after their sheets while they are
 * away, and the office; a colleague what stands on published sheets that they run with the host, and nothing else.
 */
final readonly class DeskReach
{
    /** Presses that are about somebody; all others are about the whole desk. */
    private const ABOUT = ['call', 'end', 'met', 'missed', 'unmark', 'more', 'swap', 'away', 'here', 'video', 'word'];

    /** @param  array<int, true>|null  $sheets  by their numbers; null for all */
    private function __construct(private ?array $sheets) {}

    public static function of(StaffMember $reader, StaffMember $host): self
    {
        if (
            $reader->id === $host->id ||
            ($reader->school_id === $host->school_id &&
                ($reader->office || in_array($host->id, $reader->standsInFor(), true)))
        ) {
            return new self(null);
        }
        $running = Sheet::query()
            ->where('state', '!=', SheetState::Draft)
            // With the host: their own, or one on which they may be the one.
            ->where(
                static fn(Builder $with) => $with
                    ->where('staff_id', $host->id)
                    ->orWhereHas('colleagues', static fn($one) => $one->where('staff_id', $host->id)),
            )
            ->where(
                static fn(Builder $by) => $by
                    ->whereIn('staff_id', [$reader->id, ...$reader->standsInFor()])
                    ->orWhereHas(
                        'colleagues',
                        static fn($one) => $one
                            ->where('staff_id', $reader->id)
                            ->whereIn('role', [HostRole::Must, HostRole::Manage]),
                    ),
            );

        return new self(array_fill_keys(array_map(intval(...), $running->pluck('id')->all()), true));
    }

    public function isWhole(): bool
    {
        return $this->sheets === null;
    }

    public function isAny(): bool
    {
        return $this->sheets !== [];
    }

    public function holds(Booking $booking): bool
    {
        return $this->sheets === null || isset($this->sheets[$booking->sheet_id]);
    }

    /**
     * Whether all of these are within it; of somebody without a booking only the whole desk knows.
     *
     * @param  list<string>  $who  by TurnKey
     */
    public function holdsAll(array $who): bool
    {
        if ($this->sheets === null) {
            return true;
        }
        $numbers = array_map(TurnKey::number(...), $who);

        return array_filter($numbers, static fn(int $one): bool => $one <= 0) === [] &&
            Booking::query()
                ->whereKey($numbers)
                ->get(['id', 'sheet_id'])
                ->filter($this->holds(...))
                ->count() === count(array_unique($numbers));
    }

    /**
     * Whether somebody may press that.
     *
     * @param  list<string>  $who  by TurnKey
     */
    public function allows(string $what, array $who): bool
    {
        return $this->isWhole() || ($who !== [] && in_array($what, self::ABOUT, true) && $this->holdsAll($who));
    }
}
