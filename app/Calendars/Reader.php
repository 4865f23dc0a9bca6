<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Party;
use App\Models\Pass;
use App\Models\StaffMember;

/** Whoever a message goes to: a pass (the visitor or a guest) or a staff member. */
final readonly class Reader
{
    private function __construct(
        public Party $side,
        private int $id,
        private string $name,
        private string $email,
        private ?int $clock,
    ) {
    }

    public static function pass(Pass $pass): self
    {
        return new self(Party::Visitor, $pass->id, $pass->name, (string) $pass->email, $pass->clock);
    }

    public static function staff(StaffMember $staff): self
    {
        return new self(Party::Host, $staff->id, $staff->name, $staff->email, is_numeric($staff->clock) ? (int) $staff->clock : null);
    }

    public function isHost(): bool
    {
        return $this->side === Party::Host;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function email(): string
    {
        return $this->email;
    }

    /** 12 or 24, as they read times; null where they have not said. */
    public function clock(): ?int
    {
        return $this->clock;
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
