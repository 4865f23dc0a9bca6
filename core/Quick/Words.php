<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\Weekday;

/** A quick line as words, read one after the other. */
final class Words
{
    private int $next = 0;

    /** @param  non-empty-list<Token>  $tokens */
    private function __construct(private readonly string $line, private readonly array $tokens) {}

    /** @param  non-empty-list<Token>  $tokens  as one reading of it has them */
    public static function of(string $line, array $tokens): self
    {
        return new self(mb_scrub($line), $tokens);
    }

    public function peek(int $ahead = 0): Token
    {
        return $this->tokens[min($this->next + $ahead, count($this->tokens) - 1)];
    }

    public function take(): Token
    {
        $token = $this->peek();
        $this->next = min($this->next + 1, count($this->tokens) - 1);

        return $token;
    }

    /** Takes the word if it is one of these. */
    public function taken(string ...$words): bool
    {
        if ($this->atEnd() || !$this->peek()->is(...$words)) {
            return false;
        }
        $this->take();

        return true;
    }

    /** Takes a phrase of several words, if it is there as a whole. */
    public function phrase(string $phrase): bool
    {
        foreach (explode(' ', $phrase) as $ahead => $word) {
            if ($this->peek($ahead)->text !== $word) {
                return false;
            }
        }
        $this->next += substr_count($phrase, ' ') + 1;

        return true;
    }

    public function atEnd(): bool
    {
        return $this->peek()->text === '';
    }

    /** Where reading stands, to come back to. */
    public function mark(): int
    {
        return $this->next;
    }

    public function backTo(int $mark): void
    {
        $this->next = $mark;
    }

    public function tokenAt(int $mark): Token
    {
        return $this->tokens[min($mark, count($this->tokens) - 1)] ?? new Token('', 0);
    }

    public function weekday(): ?Weekday
    {
        $day = Names::weekday($this->peek()->text);
        if ($day !== null) {
            $this->take();
        }

        return $day;
    }

    /** What was typed from a mark up to where reading stands. */
    public function since(int $mark): string
    {
        return mb_substr(
            $this->line,
            $this->tokenAt($mark)->position,
            $this->endOfLast() - $this->tokenAt($mark)->position,
        );
    }

    /** The line with that part said otherwise. */
    public function instead(int $mark, string $text): string
    {
        return mb_substr($this->line, 0, $this->tokenAt($mark)->position) .
            $text .
            mb_substr($this->line, $this->endOfLast());
    }

    private function endOfLast(): int
    {
        return $this->next === 0 ? 0 : $this->tokenAt($this->next - 1)->end();
    }
}
