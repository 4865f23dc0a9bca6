<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Repeat\OnDates;
use Recess\Slots\Block;
use Recess\Time\LocalDate;

/** Says of a block of which no meeting comes why that is: its days are past, closed, or all left out. */
final class NoMeeting
{
    /** Days ahead that are gone through; what lasts longer has some meeting. */
    private const FAR = 800;

    public static function of(Block $block, Context $context, int $position): ?Note
    {
        $last = $block->pattern->last();
        if ($last === null || $last->day - $context->today->day > self::FAR) {
            return null;
        }
        $message = $last->isBefore($context->today)
            ? sprintf('All of it is past: it ends on %s, and no meeting comes of it.', DateWords::said($last))
            : self::why($block, $last, $context);

        return $message === null ? null : new Note($message, $position);
    }

    private static function why(Block $block, LocalDate $last, Context $context): ?string
    {
        $dates = $block->pattern->dates($context->today, $last->plusDays(1));
        $closed = array_values(
            array_filter($dates, static fn(LocalDate $date): bool => $context->closedDays?->holds($date) === true),
        );

        return match (true) {
            $dates === [] => 'None of its days is left, and no meeting comes of it.',
            count($closed) === count($dates) => sprintf(
                'The school is closed on %s, and no meeting comes of it.',
                count($closed) === 1 ? DateWords::said($closed[0]) : 'all of its days',
            ),
            $closed !== [] && $block->pattern instanceof OnDates => sprintf(
                'The school is closed on %s: nothing takes place then.',
                implode(', ', array_map(DateWords::said(...), $closed)),
            ),
            default => null,
        };
    }
}
