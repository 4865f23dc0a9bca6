<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Party;
use App\Models\Pass;
use App\Models\StaffMember;

/** Why meetings go somewhere else, with what right, and who hears of it. */
final readonly class Relocation
{
    private function __construct(
        public Claimant $by,
        public Presser $presser,
        /** Seconds since the epoch. */
        public int $now,
        /** A word to those who hear of it. */
        public string $note = '',
        public Told $told = Told::Each,
        /** The key of something larger that can be taken back, of which it is a part. */
        public ?string $change = null,
        /** Whether it can be taken back by itself for some seconds. */
        public bool $isUndoable = false,
    ) {}

    /** A visitor moves their own; for some seconds they can take it back. */
    public static function byVisitor(Pass $pass, int $now): self
    {
        return new self(Claimant::Visitor, Presser::pass($pass), $now, isUndoable: true);
    }

    /** A family plans what stands anew, as a whole; it reads of all in one letter. */
    public static function ofPlan(Pass $pass, int $now): self
    {
        return new self(Claimant::Visitor, Presser::pass($pass), $now, told: Told::PlanToVisitor);
    }

    public static function by(Presser $presser, string $note, int $now): self
    {
        return new self(Claimant::Staff, $presser, $now, $note);
    }

    /** A visitor takes what was offered to them: a host has chosen it. */
    public static function offered(Pass $pass, int $now): self
    {
        return new self(Claimant::Staff, Presser::pass($pass), $now);
    }

    /** Somebody takes over at the hours that were agreed. */
    public static function handedOver(string $note, int $now): self
    {
        return new self(Claimant::Handover, Presser::side(Party::Office), $now, $note);
    }

    /** Two at a desk change their times. */
    public static function swapped(StaffMember $host, string $press, int $now): self
    {
        return new self(Claimant::Desk, Presser::staff($host, Party::Host), $now, change: $press);
    }

    /** As if it had not been: nobody has heard of it. */
    public static function takenBack(int $now): self
    {
        return new self(Claimant::Undo, Presser::side(Party::Visitor), $now, told: Told::Nobody);
    }

    /** The same at a desk. */
    public static function unswapped(int $now): self
    {
        return new self(Claimant::Desk, Presser::side(Party::Host), $now, told: Told::Nobody);
    }

    /** Both sides hear of all at once, from whoever does it. */
    public function toldAtOnce(): self
    {
        return new self($this->by, $this->presser, $this->now, $this->note, Told::AtOnce, $this->change);
    }

    /** Whoever does it can take it back for some seconds. */
    public function undoable(): self
    {
        return new self($this->by, $this->presser, $this->now, $this->note, $this->told, $this->change, true);
    }

    public function partOf(string $change): self
    {
        return new self($this->by, $this->presser, $this->now, $this->note, $this->told, $change);
    }
}
