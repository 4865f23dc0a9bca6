<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Party;
use App\Models\ReadsAs;

/** What a visitor asks for when they press "Book this time". */
final readonly class BookingWish
{
    /** @param  array<string, mixed>  $answers  by question, already checked against the sheet's */
    public function __construct(
        /** The instant at which the wished slot begins, seconds since the epoch. */
        public int $start,
        public int $placeId,
        public string $name,
        /** Empty where the office books for somebody without one. */
        public string $email,
        public string $phone,
        public string $student,
        /** A UUID of the visitor's page: the same wish sent twice books once. */
        public string $requestKey,
        public array $answers = [],
        /** The pass on which the booking goes, when the visitor has one already. */
        public ?int $passId = null,
        /** Hash of the key under which the slot is kept for them. */
        public ?string $keeper = null,
        public Party $by = Party::Visitor,
        /** Of hosts of whom one is enough, the one whom the visitor has chosen. */
        public ?int $hostId = null,
        /** The student, where the school knows them. */
        public ?int $studentId = null,
        /** How they read; nothing of it where nobody knows. */
        public ReadsAs $reads = new ReadsAs(),
        /** Where it was asked for before, and is accepted with this. */
        public ?AgreedEntry $entry = null,
        public Told $told = Told::Each,
        /** For which an interpreter has to be there, as BCP 47 writes it; in a round alone. */
        public ?string $language = null,
        /** Hash of the network from which a visitor asks; null where somebody else books. */
        public ?string $origin = null,
        /** Who pressed, where it is not the visitor for themselves. */
        public ?Presser $presser = null,
    ) {}

    /** Tells a repeat of the same wish from another wish under the same key. */
    public function digest(int $sheetId): string
    {
        return hash(
            'sha256',
            json_encode(
                [
                    $sheetId,
                    $this->start,
                    $this->placeId,
                    $this->name,
                    $this->email,
                    $this->phone,
                    $this->student,
                    $this->answers,
                    $this->passId,
                    ...$this->hostId === null ? [] : [$this->hostId],
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
