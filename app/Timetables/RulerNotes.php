<?php

declare(strict_types=1);

namespace App\Timetables;

use Recess\Time\Span;

/** What some rulers show beside their slots. */
final readonly class RulerNotes
{
    /**
     * @param  array<int, array{int, int}>  $seats  seats left and seats in all, by the start of the slot, where there are several
     * @param  list<array{Span, string}>  $busy  when the owner is busy, with its title: for the owner alone
     * @param  array<int, array{int, string}>  $origins  block and date of each stretch, by its start: for the worksheet
     * @param  array<int, int>  $extra  seats added to single slots
     * @param  array<int, array{hosts?: list<string>, places?: list<int>}>  $choices  with whom and where it can be, by the start of the slot, where there is a choice
     * @param  array<int, true>  $shut  single slots that the host has closed, by their start: for those who can open them again
     */
    public function __construct(
        public array $seats = [],
        public array $busy = [],
        public array $origins = [],
        public array $extra = [],
        public array $choices = [],
        public array $shut = [],
    ) {}
}
