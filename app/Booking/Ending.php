<?php

declare(strict_types=1);

namespace App\Booking;

/** Why a meeting is off, and who hears of it. */
final readonly class Ending
{
    private function __construct(
        public Presser $by,
        public string $note,
        public Occasion $as,
        /** The instant from which it can be taken back for some seconds; null when it cannot by itself. */
        public ?int $undoFrom = null,
        /** The key of something larger that can be taken back, of which it is a part. */
        public ?string $change = null,
        public Told $told = Told::Each,
    ) {}

    /** A family cancels several as a whole; it reads of all in one letter. */
    public function ofPlan(): self
    {
        return new self($this->by, $this->note, $this->as, told: Told::PlanToVisitor);
    }

    public static function by(Presser $by, string $note, Occasion $as = Occasion::Cancelled): self
    {
        return new self($by, $note, $as);
    }

    /** @param  int  $now  seconds since the epoch */
    public function undoable(int $now): self
    {
        return new self($this->by, $this->note, $this->as, $now);
    }

    public function partOf(string $change): self
    {
        return new self($this->by, $this->note, $this->as, change: $change);
    }
}
