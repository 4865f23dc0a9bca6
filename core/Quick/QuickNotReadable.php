<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\RecessException;

/** A quick line that cannot be read: where reading stopped, what had been understood by then, and what could stand there. */
final class QuickNotReadable extends \DomainException implements RecessException
{
    private function __construct(
        private readonly Message $says,
        /** The character (not byte) at which the trouble begins, from 0. */
        public readonly int $position,
        /** How many characters it takes up; 0 at the end of the line. */
        public readonly int $length,
        /** What the line had said up to there, as a quick line; empty when nothing. */
        public readonly string $understood = '',
    ) {
        parent::__construct((string) $says);
    }

    public function says(): Message
    {
        return $this->says;
    }

    /** @param  Message  $why  with what could stand there if that is known */
    public static function at(Token $token, Message $why): self
    {
        return new self($why, $token->position, $token->length());
    }

    public static function tooLong(int $most): self
    {
        return new self(Message::of('quick.too_long', most: $most), $most, 0);
    }

    public function after(string $understood): self
    {
        return new self($this->says, $this->position, $this->length, $understood);
    }

    /**
     * What is made from a word, or why it cannot be.
     *
     * @template T
     *
     * @param  \Closure(): T  $making
     * @return T
     *
     * @throws self
     */
    public static function unless(Token $token, \Closure $making): mixed
    {
        try {
            return $making();
        } catch (RecessException $failure) {
            throw $failure instanceof self ? $failure : self::at($token, $failure->says());
        }
    }
}
