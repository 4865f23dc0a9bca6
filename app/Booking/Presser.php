<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Party;
use App\Models\Pass;
use App\Models\StaffMember;

/**
 * Who pressed, written down where it was pressed: on which side they are, and who of it. What letters and pages say of
 * it is read from here and never guessed from whose meeting it is.
 */
final readonly class Presser
{
    private function __construct(
        public Party $side,
        /** Of the pass or of the staff member; null where it was nobody in particular. */
        private ?int $id = null,
        private string $name = '',
    ) {}

    /** Whoever opened that pass: the visitor, or a guest. */
    public static function pass(Pass $pass): self
    {
        return new self(Party::Visitor, $pass->id, $pass->name);
    }

    /** A staff member, about a meeting of a sheet that they run or for the office. */
    public static function staff(StaffMember $staff, Party $side): self
    {
        return new self($side, $staff->id, $staff->name);
    }

    /** Somebody of that side who is not known, or nobody: a time was over, a round was given its times. */
    public static function side(Party $side): self
    {
        return new self($side);
    }

    /** What was queued before it was written down who. */
    public static function of(self|Party $by): self
    {
        return $by instanceof Party ? self::side($by) : $by;
    }

    /** Of a booking that is off, by what its columns say. */
    public static function whoCancelled(Booking $booking): self
    {
        $side = $booking->cancelled_by ?? Party::Office;
        $id = $booking->cancelled_by_id;

        return match (true) {
            $id === null => self::side($side),
            $side === Party::Visitor && $id === $booking->pass_id => self::pass($booking->pass),
            $side === Party::Visitor => new self($side, $id, Pass::query()->find($id)->name ?? ''),
            $id === $booking->staff_id => self::staff($booking->host, $side),
            default => new self($side, $id, StaffMember::query()->find($id)->name ?? ''),
        };
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function isPass(int $pass): bool
    {
        return $this->side === Party::Visitor && $this->id === $pass;
    }

    public function isStaff(int $staff): bool
    {
        return $this->side !== Party::Visitor && $this->id === $staff;
    }

    /**
     * In the words of a catalogue, for whoever reads it.
     *
     * @param  Pass|StaffMember|null  $reader  null where several read the same page
     * @return array{who: 'you'|'visitor'|'guest'|'host'|'colleague'|'office', name: string}
     */
    public function said(Booking $booking, Pass|StaffMember|null $reader): array
    {
        $you = $reader !== null && ($reader instanceof Pass ? $this->isPass($reader->id) : $this->isStaff($reader->id));

        return [
            'who' => match (true) {
                $you => 'you',
                $this->side === Party::Visitor => $this->id === null || $this->id === $booking->pass_id
                    ? 'visitor'
                    : 'guest',
                $this->side === Party::Office => 'office',
                default => $this->id === null || $this->id === $booking->staff_id ? 'host' : 'colleague',
            },
            'name' => match (true) {
                $this->name !== '' => $this->name,
                $this->side === Party::Visitor => $booking->pass->name,
                default => $booking->host->name,
            },
        ];
    }
}
