<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Repeat\OnDates;
use Recess\Slots\Block;
use Recess\Slots\DayChange;
use Recess\Time\LocalDate;

/** Puts a new version of a block in the place of the old one: for one occurrence, from it on, or for all. */
final class BlockEdit
{
    /**
     * @param  LocalDate  $at  the occurrence at which the edit was made
     * @return list<Block> what stands on the sheet instead of the old block
     */
    public static function apply(Block $old, Block $new, Scope $scope, LocalDate $at): array
    {
        return match ($scope) {
            Scope::All => [$new],
            // At another length the one occurrence has to be a block of its own; at other hours it is a change of the old one.
            Scope::ThisOne => $old->cut == $new->cut
                ? [$old->withChange($at, DayChange::otherHours($at, $new->stretchesOn($at)))]
                : [
                    $old->withChange($at, DayChange::closed()),
                    Block::of(OnDates::of($at), $new->stretchesOn($at), $new->cut),
                ],
            Scope::ThisAndLater => self::split($old, $new, $at),
        };
    }

    /** @return list<Block> */
    private static function split(Block $old, Block $new, LocalDate $at): array
    {
        $before = $old->pattern->endingBefore($at);
        $after = $new->pattern->startingAt($at);

        return [
            ...$before === null ? [] : [$old->withPattern($before)],
            ...$after === null ? [] : [$new->withPattern($after)],
        ];
    }
}
