<?php

declare(strict_types=1);

namespace App\Keeping;

/** What one table keeps of people: in which columns, of whom, until when, and what becomes of it when somebody is forgotten. */
final readonly class Kept
{
    /**
     * @param  string  $of  whom, as docs/security.md says it; empty for nobody
     * @param  string  $what  it is, in a few words
     * @param  string  $until  when, in a few words
     * @param  list<string>  $columns  that hold something of a person
     * @param  string|null  $by  how rows of a visitor are found: pass, booking, entry, or row (the pass itself); null where a
     *                           visitor's are not among them
     * @param  array<string, mixed>|null  $blank  what the columns become; null where the rows go
     * @param  string|null  $ages  the column by whose time rows go by themselves, as many days after it as the school says
     */
    private function __construct(
        public string $of,
        public string $what,
        public string $until,
        public array $columns,
        public ?string $by,
        public ?array $blank,
        public ?string $ages,
    ) {}

    /** @param  list<string>  $columns */
    public static function of(string $whom, string $what, string $until, array $columns): self
    {
        return new self($whom, $what, $until, $columns, null, null, null);
    }

    /** Ids, numbers and instants, and what was not written by or about anybody. */
    public static function nothing(string $what = ''): self
    {
        return new self('', $what, '', [], null, null, null);
    }

    /** Its rows are found by a pass, a booking or an entry, and go with the visitor. */
    public function goesBy(string $by): self
    {
        return new self($this->of, $this->what, $this->until, $this->columns, $by, null, $this->ages);
    }

    /** @param  array<string, mixed>  $blank */
    public function becomes(string $by, array $blank): self
    {
        return new self($this->of, $this->what, $this->until, $this->columns, $by, $blank, $this->ages);
    }

    /** Whether its rows are a visitor's by their pass. */
    public function isOfPasses(): bool
    {
        return $this->by === 'pass' || $this->by === 'booking or pass';
    }

    public function agesBy(string $column): self
    {
        return new self($this->of, $this->what, $this->until, $this->columns, $this->by, $this->blank, $column);
    }
}
