<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
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
            ? Message::of('quick.all_past', last: $last)
            : self::why($block, $last, $context);

        return $message === null ? null : new Note($message, $position);
    }

    private static function why(Block $block, LocalDate $last, Context $context): ?Message
    {
        $dates = $block->pattern->dates($context->today, $last->plusDays(1));
        $closed = array_values(
            array_filter($dates, static fn(LocalDate $date): bool => $context->closedDays?->holds($date) === true),
        );

        return match (true) {
            $dates === [] => Message::of('quick.none_left'),
            count($closed) === count($dates) => count($closed) === 1
                ? Message::of('quick.closed_then', date: $closed[0])
                : Message::of('quick.closed_all'),
            $closed !== [] && $block->pattern instanceof OnDates => Message::of('quick.closed_on', dates: $closed),
            default => null,
        };
    }
}
