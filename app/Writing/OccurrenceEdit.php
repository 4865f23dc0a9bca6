<?php

declare(strict_types=1);

namespace App\Writing;

use Recess\Changes\BlockEdit;
use Recess\Changes\Scope;
use Recess\Slots\Block;
use Recess\Slots\DayChange;
use Recess\Slots\Stretches;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** What somebody does to a block on the ruler, as a new block, or several, in its place. */
final class OccurrenceEdit
{
    /**
     * @param  array<string, mixed>  $edit  as OccurrenceEdit in docs/formats/recess.openapi.yaml, already checked
     * @return list<Block>
     *
     * @throws \Recess\RecessException when the edit leaves nothing, or cannot be
     */
    public static function apply(Block $block, array $edit): array
    {
        $at = LocalDate::parse((string) $edit['date']);
        $scope = Scope::from((string) $edit['scope']);

        return match ($edit['do']) {
            'close' => $scope === Scope::ThisOne
                ? [$block->withChange($at, DayChange::closed())]
                : self::ended($block, $at, $scope),
            'reopen' => [$block->withoutChange($at)],
            'move' => [
                $block->withChange(
                    $at,
                    DayChange::movedTo(LocalDate::parse((string) $edit['to']), self::changedHours($block, $at)),
                ),
            ],
            'hours' => self::withHours($block, $at, $scope, self::typed((array) $edit['hours'])),
            default => self::withHours(
                $block,
                $at,
                $scope,
                self::dragged($block, $at, (int) $edit['stretch'], (string) $edit['side'], (int) $edit['by']),
            ),
        };
    }

    private static function changedHours(Block $block, LocalDate $at): ?Stretches
    {
        return ($block->changes[$at->day] ?? null)?->stretches;
    }

    /** @return list<Block> closing this and later ones ends the block before; closing all takes it away */
    private static function ended(Block $block, LocalDate $at, Scope $scope): array
    {
        $before = $scope === Scope::All ? null : $block->pattern->endingBefore($at);

        return $before === null ? [] : [$block->withPattern($before)];
    }

    /** @return list<Block> */
    private static function withHours(Block $block, LocalDate $at, Scope $scope, Stretches $stretches): array
    {
        if ($scope === Scope::ThisOne) {
            $to = ($block->changes[$at->day] ?? null)->date ?? $at;

            return [$block->withChange($at, DayChange::movedTo($to, $stretches))];
        }
        $weekday = $at->weekday();
        $new = isset($block->byDay[$weekday->value])
            ? $block->onWeekday($weekday, $stretches)
            : $block->withUsual($stretches);

        return BlockEdit::apply($block, $new, $scope, $at);
    }

    /** @param  array<mixed>  $hours */
    private static function typed(array $hours): Stretches
    {
        $read = array_map(
            static fn(mixed $one): Hours => Hours::between(
                LocalTime::parse(is_array($one) && is_string($one['from'] ?? null) ? $one['from'] : ''),
                LocalTime::parse(is_array($one) && is_string($one['until'] ?? null) ? $one['until'] : ''),
            ),
            array_values($hours),
        );

        return $read === [] ? throw \Recess\Time\TimeNotValid::noSuchTime('') : Stretches::of(...$read);
    }

    /** The stretches of that date with one edge so many minutes later, or earlier below zero, in steps of five. */
    private static function dragged(Block $block, LocalDate $at, int $stretch, string $side, int $by): Stretches
    {
        $all = (self::changedHours($block, $at) ?? $block->stretchesOn($at))->hours;
        $hours = $all[$stretch] ?? $all[0];
        $by = (int) round($by / 5) * 5;
        $from = $hours->from->minute + ($side === 'from' ? $by : 0);
        $until = $hours->from->minute + $hours->minutes + ($side === 'until' ? $by : 0);
        $all[$stretch] = Hours::between(
            LocalTime::ofMinute(max(0, min($from, 1435))),
            LocalTime::ofMinute(max(5, min($until, 1440))),
        );

        return Stretches::of(...array_values($all));
    }
}
