<?php

declare(strict_types=1);

namespace App\Texts;

/** The gateway did not take a message; why, without the number and without what it said. */
final class TextNotSent extends \RuntimeException
{
    public static function answered(int $status): self
    {
        return new self("The gateway for text messages answered $status.");
    }

    public static function noAnswer(): self
    {
        return new self('The gateway for text messages did not answer.');
    }

    public static function noGateway(): self
    {
        return new self('No text messages are sent here.');
    }
}
