<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Questions;
use Recess\Rules\Stated;
use Recess\Slots\Block;

/** A round as its worksheet states it, already known to be possible. */
final readonly class RoundStatement
{
    /**
     * @param  non-empty-list<Block>  $blocks
     * @param  bool  $families  whether it is for families whom the school knows, or for anyone
     * @param  list<int>  $classes  of these alone; none for all
     * @param  list<int>  $staff  who is in it
     * @param  int|null  $wishesUntil  where families wish first, and times are allotted: the instant until which they do
     * @param  bool  $breaks  whether an allotment leaves each teacher a time to breathe
     * @param  list<array{classes: list<int>, opens_at: string}>  $cohorts  whose families may book before all others
     */
    public function __construct(
        public string $title,
        public string $intro,
        public array $blocks,
        public Stated $rules,
        public Questions $questions,
        public bool $families,
        public array $classes,
        public array $staff,
        public ?int $wishesUntil = null,
        public bool $breaks = false,
        public array $cohorts = [],
    ) {}
}
