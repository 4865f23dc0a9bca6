<?php

declare(strict_types=1);

namespace Recess;

use Recess\Time\DateRange;
use Recess\Time\Spans;

/** What is known of the world when a sheet is judged: what is held and busy on some dates, who asks, and now. */
final readonly class World
{
    /**
     * @param  list<Held>  $held
     * @param  array<int, Spans>  $busy  by host: what their calendars say
     */
    private function __construct(
        /** The instant of judging, seconds since the epoch. */
        public int $now,
        public array $held,
        public array $busy,
        public Asker $asker,
        /** The dates that it knows; null for all of them. Nothing is judged on others. */
        public ?DateRange $dates,
    ) {}

    /**
     * @param  list<Held>  $held  without what is kept for whoever asks, and without a booking that they would give up
     * @param  array<int, Spans>  $busy
     */
    public static function of(
        int $now,
        array $held = [],
        array $busy = [],
        ?Asker $asker = null,
        ?DateRange $dates = null,
    ): self {
        return new self($now, $held, $busy, $asker ?? Asker::anybody(), $dates);
    }

    public function seenBy(Asker $asker): self
    {
        return new self($this->now, $this->held, $this->busy, $asker, $this->dates);
    }

    /** Where calendars are not asked: hosts know their own, and are there already. */
    public function withoutCalendars(): self
    {
        return new self($this->now, $this->held, [], $this->asker, $this->dates);
    }

    /** As if nobody had booked on the sheet that is judged: to see where its bookings could go. */
    public function emptied(): self
    {
        return new self(
            $this->now,
            array_values(array_filter($this->held, static fn(Held $one): bool => !$one->ours)),
            $this->busy,
            $this->asker,
            $this->dates,
        );
    }
}
