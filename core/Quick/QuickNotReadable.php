<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\RecessException;

/** A quick line that cannot be read, with the place where reading stopped. */
final class QuickNotReadable extends \DomainException implements RecessException
{
    /** @param  list<string>  $expected what could stand there instead */
    private function __construct(
        string $message,
        /** The character (not byte) at which the trouble begins, from 0. */
        public readonly int $position,
        /** How many characters it takes up; 0 at the end of the line. */
        public readonly int $length,
        public readonly array $expected,
    ) {
        parent::__construct($message);
    }

    /** @param  list<string>  $expected */
    public static function at(Token $token, string $why, array $expected): self
    {
        $could = $expected === [] ? '' : ' Here could stand: '.implode('; ', $expected).'.';

        return new self(sprintf('At character %d: %s%s', $token->position + 1, $why, $could), $token->position, mb_strlen($token->text), $expected);
    }

    public static function tooLong(int $most): self
    {
        return new self(sprintf('A quick line has at most %d characters.', $most), $most, 0, []);
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
            throw self::at($token, $failure->getMessage(), []);
        }
    }
}
