<?php

declare(strict_types=1);

namespace Recess\Quick;

/** A word of a quick line and where it stands. */
final readonly class Token
{
    public function __construct(
        public string $text,
        /** Its first character in the line, from 0. */
        public int $position,
        /** What was typed there, where it was not that. */
        private ?string $typed = null,
        /** How many characters that takes up. */
        private ?int $length = null,
    ) {}

    /** As it was typed, in whatever language. */
    public function typed(): string
    {
        return $this->typed ?? $this->text;
    }

    public function length(): int
    {
        return $this->length ?? mb_strlen($this->text);
    }

    /** The first character after it. */
    public function end(): int
    {
        return $this->position + $this->length();
    }

    public function is(string ...$words): bool
    {
        return in_array($this->text, $words, true);
    }

    /** A whole number of one to four digits, if it is one. */
    public function number(): ?int
    {
        return preg_match('/^\d{1,4}$/D', $this->text) === 1 ? (int) $this->text : null;
    }
}
