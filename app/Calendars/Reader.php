<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Reading;
use App\Framework\Version;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;

/** Whoever a message goes to: a pass (the visitor or a guest) or a staff member. */
final readonly class Reader
{
    private function __construct(
        public Party $side,
        private int $id,
        private string $name,
        private string $email,
        private Reading $reading,
        /** Of the pass; what opens something for its reader is another one with each. */
        private int $generation = 1,
        private string $addressee = '',
    ) {}

    public static function pass(Pass $pass): self
    {
        return new self(
            Party::Visitor,
            $pass->id,
            $pass->name,
            (string) $pass->email,
            Reading::of($pass),
            $pass->generation,
            $pass->addressee(),
        );
    }

    public static function staff(StaffMember $staff): self
    {
        return new self(
            Party::Host,
            $staff->id,
            $staff->name,
            $staff->email,
            Reading::of($staff),
            addressee: $staff->name,
        );
    }

    public function isHost(): bool
    {
        return $this->side === Party::Host;
    }

    /** What somebody wrote on a sheet: its host reads it as it was written, whoever comes in their language. */
    public function said(Sheet $sheet, string $text): string
    {
        return $this->isHost() ? $text : Version::of($sheet, $text);
    }

    public function name(): string
    {
        return $this->name;
    }

    /** Their name as it stands beside the address: of nobody who may be somebody else. */
    public function addressee(): string
    {
        return $this->addressee;
    }

    public function email(): string
    {
        return $this->email;
    }

    public function reading(): Reading
    {
        return $this->reading;
    }

    public function generation(): int
    {
        return $this->generation;
    }

    /** Whether they are the one whom the meeting is with: what was told to them alone is for nobody else, colleague or not. */
    public function meets(Booking $booking): bool
    {
        return $this->isHost() && $this->id === $booking->staff_id;
    }

    public function person(): Pass|StaffMember
    {
        return $this->isHost() ? StaffMember::query()->findOrFail($this->id) : Pass::query()->findOrFail($this->id);
    }

    /** Tells one reader of the same news from another. */
    public function key(): string
    {
        return $this->side->value . $this->id;
    }
}
