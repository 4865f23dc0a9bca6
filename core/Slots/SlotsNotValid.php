<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\RecessException;
use Recess\Time\Hours;

/** A length, a gap or a block that makes no slots. */
final class SlotsNotValid extends \DomainException implements RecessException
{
    public static function length(int $minutes): self
    {
        return new self(sprintf('A meeting lasts from 1 to 1440 minutes; %d was given.', $minutes));
    }

    public static function gap(int $minutes): self
    {
        return new self(sprintf('The gap between meetings is from 0 to 1440 minutes; %d was given.', $minutes));
    }

    public static function noNumber(): self
    {
        return new self('A whole number of minutes is needed.');
    }

    public static function stretchesOverlap(Hours $one, Hours $other): self
    {
        return new self(sprintf('%s and %s overlap. Stretches of one date lie apart, or touch.', $one, $other));
    }

    public static function blocksOverlap(string $one, string $other): self
    {
        return new self(sprintf('Two blocks of the sheet overlap: %s and %s. Join them, or change one.', $one, $other));
    }

    public static function longerThanHours(int $minutes, Hours $hours): self
    {
        return new self(
            sprintf(
                'A meeting of %d minutes does not fit between %s and %s; that is %d minutes.',
                $minutes,
                $hours->from,
                $hours->until(),
                $hours->minutes,
            ),
        );
    }
}
