<?php

declare(strict_types=1);

namespace App\Timetables;

/** Visitors and students about whom it is asked where they are (Whereabouts). */
final readonly class People
{
    /**
     * @param  list<int>  $passes
     * @param  list<string>  $emails  whose passes count too
     * @param  list<string>  $students  names as they are compared
     * @param  int|null  $keptAt  an instant, where what is only kept for them then counts too: asked for, or offered to them
     */
    private function __construct(
        public array $passes,
        public array $emails = [],
        public array $students = [],
        public ?int $keptAt = null,
        /** @var list<int> students whom the school knows */
        public array $known = [],
    ) {}

    public static function passes(int ...$passes): self
    {
        return new self(array_values(array_unique($passes)));
    }

    /**
     * Across passes: of those addresses, and about those students.
     *
     * @param  list<string>  $emails
     * @param  list<string>  $students
     * @param  list<int|null>  $known  those of them whom the school knows
     */
    public function across(array $emails, array $students, array $known = []): self
    {
        $said = static fn(array $some): array => array_values(
            array_unique(array_filter($some, static fn(string $one): bool => $one !== '')),
        );

        return new self(
            $this->passes,
            $said($emails),
            $said($students),
            $this->keptAt,
            array_values(array_unique(array_filter($known, is_int(...)))),
        );
    }

    /** With what is kept for them at an instant. */
    public function andKept(int $now): self
    {
        return new self($this->passes, $this->emails, $this->students, $now, $this->known);
    }

    /** @return array<string, non-empty-list<int|string>> by column: each way to know them */
    public function columns(): array
    {
        return array_filter([
            'bookings.pass_id' => $this->passes,
            'passes.email' => $this->emails,
            'bookings.student_key' => $this->students,
            'bookings.student_id' => $this->known,
        ]);
    }
}
