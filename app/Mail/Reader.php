<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Party;
use App\Models\Pass;
use App\Models\StaffMember;

/** Whoever a message goes to: a pass (the visitor or a guest) or a staff member. */
final readonly class Reader
{
    private function __construct(
        public Party $side,
        private int $id,
    ) {
    }

    public static function pass(Pass $pass): self
    {
        return new self(Party::Visitor, $pass->id);
    }

    public static function staff(StaffMember $staff): self
    {
        return new self(Party::Host, $staff->id);
    }

    public function isHost(): bool
    {
        return $this->side === Party::Host;
    }

    public function name(): string
    {
        return $this->person()->name;
    }

    public function email(): string
    {
        return (string) $this->person()->email;
    }

    public function person(): Pass|StaffMember
    {
        return $this->isHost() ? StaffMember::query()->findOrFail($this->id) : Pass::query()->findOrFail($this->id);
    }

    /** Tells one reader of the same news from another. */
    public function key(): string
    {
        return $this->side->value.$this->id;
    }
}
