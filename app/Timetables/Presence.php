<?php

declare(strict_types=1);

namespace App\Timetables;

use Recess\Rules\Engagement;
use Recess\Time\Span;

/** That somebody is in a meeting: who booked it, whoever they bring, and the student whom it is about; or for whom a time is kept. */
final readonly class Presence
{
    public function __construct(
        /** The booking; null of a time that is only kept. */
        public ?int $booking,
        public int $sheet,
        /** Of whoever is there. */
        public int $pass,
        public ?string $email,
        /** The student's name as it is compared; empty for whoever only comes along. */
        public string $student,
        /** Whether it is their own booking: one to which somebody brings them is not. */
        public bool $isOwn,
        public Span $span,
        /** What tells its place from others; null where nobody has to walk. */
        public ?string $place,
        /** The student, where the school knows them. */
        public ?int $studentId = null,
    ) {}

    /**
     * Whether it is about that student. Where the school knows both, its own lists say so: two children may have one name.
     *
     * @param  string  $key  the name as it is compared
     */
    public function isAbout(string $key, ?int $student): bool
    {
        return $student !== null && $this->studentId !== null
            ? $student === $this->studentId
            : $key !== '' && $this->student === $key;
    }

    public function engagement(): Engagement
    {
        return new Engagement($this->span, $this->place);
    }

    /** Whether it is one person's: one may have several passes with the address that is theirs. */
    public function isOf(?int $pass, string $email = ''): bool
    {
        return $this->pass === $pass || ($email !== '' && $this->email === $email);
    }
}
