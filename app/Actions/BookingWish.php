<?php

declare(strict_types=1);

namespace App\Actions;

/** What a visitor asks for when they press "Keep this time". */
final readonly class BookingWish
{
    public function __construct(
        /** The instant at which the wished slot begins, seconds since the epoch. */
        public int $start,
        public int $placeId,
        public string $name,
        public string $email,
        public string $phone,
        public string $student,
        /** A UUID of the visitor's page: the same wish sent twice books once. */
        public string $requestKey,
    ) {
    }

    /** Tells a repeat of the same wish from another wish under the same key. */
    public function digest(int $sheetId): string
    {
        return hash('sha256', json_encode([$sheetId, $this->start, $this->placeId, $this->name, $this->email, $this->phone, $this->student], JSON_THROW_ON_ERROR));
    }
}
