<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Message;
use Recess\RecessException;
use Recess\Refusing;
use Recess\Time\Hours;

/** A length, a gap or a block that makes no slots. */
final class SlotsNotValid extends \DomainException implements RecessException
{
    use Refusing;

    public static function length(int $minutes): self
    {
        return new self(Message::of('given.length', given: $minutes));
    }

    public static function gap(int $minutes): self
    {
        return new self(Message::of('given.gap', given: $minutes));
    }

    public static function noNumber(): self
    {
        return new self(Message::of('given.no_number'));
    }

    public static function stretchesOverlap(Hours $one, Hours $other): self
    {
        return new self(Message::of('given.stretches_overlap', one: $one, other: $other));
    }

    public static function blocksOverlap(Message $one, Message $other): self
    {
        return new self(Message::of('given.blocks_overlap', one: $one, other: $other));
    }

    public static function longerThanHours(int $minutes, Hours $hours): self
    {
        return new self(
            Message::of(
                'given.longer_than_hours',
                minutes: $minutes,
                from: $hours->from,
                until: $hours->until(),
                there: $hours->minutes,
            ),
        );
    }
}
