<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\Sheet;

/** Who asks what can be had of a sheet, as a request names them. Worlds finds out what is known of them. */
final readonly class Asking
{
    private function __construct(
        public bool $isHost,
        public ?int $passId = null,
        public string $email = '',
        public string $student = '',
        public ?int $placeId = null,
        /** @var list<Booking> those that would be given up for the new ones */
        public array $givenUp = [],
        /** Hash of the key under which they keep a time: to them it is free. */
        public ?string $keeper = null,
        /** Whether what stands on other passes counts too, of that address or about that student. What comes of it is told to nobody. */
        public bool $across = false,
        /** For which they need an interpreter of the sheet's round, as BCP 47 writes it. */
        public ?string $language = null,
        /** The student, where the school knows them. */
        public ?int $studentId = null,
    ) {}

    public static function host(): self
    {
        return new self(true);
    }

    public static function anybody(?string $keeper = null): self
    {
        return new self(false, keeper: $keeper);
    }

    public static function visitor(?int $passId, ?string $email, string $student, ?int $placeId = null): self
    {
        return new self(false, $passId, (string) $email, $student, $placeId);
    }

    /** The same to whom what is kept under a key is free. */
    public function keeping(?string $keeper): self
    {
        return $this->but(['keeper' => $keeper]);
    }

    /** The same who would give a booking up for it. */
    public function insteadOf(?Booking $booking): self
    {
        return $this->insteadOfAll($booking === null ? [] : [$booking]);
    }

    /** @param  list<Booking>  $bookings  that would be given up together */
    public function insteadOfAll(array $bookings): self
    {
        return $this->but(['givenUp' => $bookings]);
    }

    public static function holder(Pass $pass, string $student = '', ?string $keeper = null): self
    {
        return self::visitor($pass->id, $pass->email, $student)->keeping($keeper);
    }

    /** The same about a student whom the school knows; null of one whom it does not. */
    public function about(?int $student): self
    {
        return $this->but(['studentId' => $student]);
    }

    /** Whether anything of theirs could stand on another pass. */
    public function canBeKnownAcross(): bool
    {
        return !$this->isHost && ($this->email !== '' || $this->student !== '');
    }

    /** The same with what stands on other passes: to decide by, not to tell. */
    public function across(): self
    {
        return $this->but(['across' => true]);
    }

    /** The same, met only when somebody who speaks it is free; null for whoever needs nobody. */
    public function interpreted(?string $language): self
    {
        return $this->but(['language' => $language]);
    }

    /** Whoever has a booking and would move it, on its sheet or to another one. */
    public static function moving(Booking $booking, ?Sheet $to = null): self
    {
        // Where places differ from time to time, a meeting may move to a time at another one.
        $place = ($to ?? $booking->sheet)->toCore()->hasOwnPlaces()
            ? null
            : ($to === null
                ? $booking->place_id
                : $to->places->first()?->id);

        return self::visitor($booking->pass_id, $booking->pass->email, $booking->student, $place)
            ->about($booking->student_id)
            ->insteadOf($booking)
            ->interpreted($booking->language);
    }

    /** @param  array<string, mixed>  $changed  fields of this one */
    private function but(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
