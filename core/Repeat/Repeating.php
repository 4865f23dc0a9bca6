<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** What weekly and monthly repeats share: a first date, an ending, and how the two are asked about and cut. */
abstract readonly class Repeating implements Pattern
{
    /** Ten thousand dates of any repeat lie within this many days. */
    private const FAR = 4_000_000;

    protected function __construct(public LocalDate $first, public Ending $ending) {}

    /**
     * The day numbers of the repeat in order, first date and ending left out of account.
     *
     * @return list<int>
     */
    abstract protected function days(int $from, int $before): array;

    abstract protected function with(LocalDate $first, Ending $ending): static;

    public function dates(LocalDate $from, LocalDate $before): array
    {
        if ($this->ending->times !== null) {
            return $this->counted($from, $before, $this->ending->times);
        }
        $last = $this->ending->until;

        return array_map(
            LocalDate::fromDay(...),
            $this->days(
                max($from->day, $this->first->day),
                $last === null ? $before->day : min($before->day, $last->day + 1),
            ),
        );
    }

    /** The same repeat for ever. */
    public function endless(): static
    {
        return $this->with($this->first, Ending::never());
    }

    /** The same repeat up to a date. */
    public function until(LocalDate $last): static
    {
        return $this->with($this->first, Ending::until($last));
    }

    public function first(): LocalDate
    {
        return $this->first;
    }

    public function last(): ?LocalDate
    {
        if ($this->ending->times === null) {
            return $this->ending->until;
        }
        $all = $this->counted($this->first, $this->first->plusDays(self::FAR), $this->ending->times);

        return $all === [] ? $this->first : $all[count($all) - 1];
    }

    public function endingBefore(LocalDate $date): ?self
    {
        $kept = $this->dates($this->first, $date);

        return $kept === [] ? null : $this->with($this->first, Ending::until($kept[count($kept) - 1]));
    }

    public function startingAt(LocalDate $date): ?self
    {
        $first = $this->next($date);
        if ($first === null) {
            return null;
        }
        $times = $this->ending->times;

        return $this->with(
            $first,
            $times === null ? $this->ending : Ending::times($times - count($this->dates($this->first, $first))),
        );
    }

    /** The first date of the repeat on or after that one. */
    private function next(LocalDate $date): ?LocalDate
    {
        for ($reach = 64; $reach < self::FAR; $reach *= 4) {
            $some = $this->dates($date, $date->plusDays($reach));
            if ($some !== []) {
                return $some[0];
            }
        }

        return null;
    }

    /** @return list<LocalDate> */
    private function counted(LocalDate $from, LocalDate $before, int $times): array
    {
        $dates = [];
        // A stretch of the calendar at a time, as a count says nothing of how far it reaches.
        for (
            $start = $this->first->day;
            $times > 0 && $start < $before->day && $start < $this->first->day + self::FAR;
            $start += 1461
        ) {
            foreach ($this->days($start, $start + 1461) as $day) {
                if ($times-- === 0 || $day >= $before->day) {
                    return $dates;
                }
                if ($day >= $from->day) {
                    $dates[] = LocalDate::fromDay($day);
                }
            }
        }

        return $dates;
    }
}
