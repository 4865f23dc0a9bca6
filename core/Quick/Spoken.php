<?php

declare(strict_types=1);

namespace Recess\Quick;

/** What a language has of its own for quick lines (Tongue). */
final readonly class Spoken
{
    /**
     * @param  array<string, string|non-empty-list<string>>  $words  rows of words, and what each means in English; several meanings
     *     where it may be one or the other. “#” is a number, “@” a clock time, “%” a weekday, and $1, $2 what stood there;
     *     a word that ends with * stands for all that begin so
     * @param  array<string, string>  $said  how a line is printed: words of the canonical line by their English ones; %s
     *     is a number
     * @param  bool  $timesOfDay  whether “10 am” is a time of day, and not a number and a word
     * @param  string  $months  how months begin, as a regular expression: two numbers with a comma before one are days,
     *     and no clock time
     * @param  string  $and  what “and” is, where it is written in one with the word after it
     */
    public function __construct(
        public array $words,
        public array $said,
        public bool $timesOfDay = true,
        public string $months = Lexer::MONTHS,
        public string $and = '',
    ) {}
}
