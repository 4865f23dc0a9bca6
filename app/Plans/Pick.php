<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Spell;
use App\Models\Booking;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Collection;
use Recess\Names\NameKey;

/** Somebody whom a family wants to meet, about one child. */
final readonly class Pick
{
    /**
     * @param  int|null  $start  the instant at which it is to be, where it is not to be looked for
     * @param  Booking|null  $booking  that stands and would be moved
     */
    public function __construct(
        public Sheet $sheet,
        public string $student,
        public ?int $studentId = null,
        public ?int $start = null,
        public ?Booking $booking = null,
    ) {}

    /** One that stands, to be looked for anew: where it is counts as free. */
    public static function anew(Booking $booking): self
    {
        return new self($booking->sheet, $booking->student, $booking->student_id, booking: $booking);
    }

    /** The time that it is to be, in words. */
    public function moment(): string
    {
        return Spell::moment((int) $this->start, $this->sheet->host->school->timeZone());
    }

    /** Whether what another guardian of the child has is nobody's to know: yes or no, as sentences ask. */
    public function apart(): string
    {
        return $this->sheet->host->school->guardians_apart ? 'yes' : 'no';
    }

    /** @param  Collection<int, Booking>  $bookings */
    public function standsIn(Collection $bookings): bool
    {
        return $bookings->contains(
            fn(Booking $one): bool => $one->sheet_id === $this->sheet->id &&
                $one->student_key === NameKey::of($this->student),
        );
    }

    /** Whether somebody else of the family has a time about that child there: then it is not for want of times. */
    public function isTakenForChild(?int $pass): bool
    {
        return $this->studentId !== null &&
            $this->sheet->rules->wholeOrNone('per_student') !== null &&
            !$this->sheet->rules->yes('each_guardian') &&
            $this->sheet
                ->bookings()
                ->where('student_id', $this->studentId)
                ->whereNotNull('hold_id')
                ->where('pass_id', '!=', $pass ?? 0)
                ->exists();
    }
}
