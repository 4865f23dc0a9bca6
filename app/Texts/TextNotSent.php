<?php

declare(strict_types=1);

namespace App\Texts;

use App\Framework\Words;

/** The gateway did not take a message; why, without the number and without what it said. */
final class TextNotSent extends \RuntimeException
{
    public static function answered(int $status): self
    {
        return new self(Words::say('running.text_refused', ['status' => (string) $status]));
    }

    public static function noAnswer(): self
    {
        return new self(Words::say('running.text_unanswered'));
    }

    public static function noGateway(): self
    {
        return new self(Words::say('running.no_texts'));
    }
}
