<?php

declare(strict_types=1);

namespace App\Texts;

/** A school without a gateway: nothing is offered, and nothing is sent. */
final class NoTexts implements TextMessages
{
    public function areSent(): bool
    {
        return false;
    }

    public function send(string $to, string $text): void
    {
        throw TextNotSent::noGateway();
    }
}
