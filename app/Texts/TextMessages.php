<?php

declare(strict_types=1);

namespace App\Texts;

/** A school's gateway for text messages to phones. */
interface TextMessages
{
    /** Whether there is one. */
    public function areSent(): bool;

    /**
     * @param  string  $to  in international form, as +19025550142
     *
     * @throws TextNotSent
     */
    public function send(string $to, string $text): void;
}
