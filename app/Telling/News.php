<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Booking\Presser;
use Recess\Time\Span;

/** What a letter is about. */
final readonly class News
{
    /** @param  list<Span>|null  $instead  what is free instead, where that is not what it is now: of a sheet that is only supposed */
    public function __construct(
        public Occasion $occasion,
        public Presser $by,
        /** Their word with it. */
        public string $note = '',
        /** The instant at which the meeting began before. */
        public ?int $was = null,
        public ?array $instead = null,
        /** The pass of the guest whom it is about. */
        public ?int $guest = null,
    ) {}
}
