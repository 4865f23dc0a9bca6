<?php

declare(strict_types=1);

namespace App\AccountLetters;

use App\Framework\Reading;
use App\Framework\Words;
use App\Telling\Letter;
use App\Telling\Message;

/** To whoever wants to begin alone; or has an account already. */
final class BeginningLetter extends Message
{
    public function __construct(private readonly ?string $address, private readonly string $language) {}

    protected function reading(): Reading
    {
        return Reading::in($this->language, null);
    }

    protected function heading(): string
    {
        return Words::say($this->address === null ? 'alone.known_heading' : 'alone.heading');
    }

    protected function letter(): Letter
    {
        $known = $this->address === null ? 'known_' : '';

        return new Letter(
            greeting: Words::say('booking.good_day'),
            news: Words::say("alone.{$known}news"),
            word: '',
            facts: [],
            linkText: Words::say("alone.{$known}link"),
            link: $this->address ?? url('/staff/sign-in'),
            school: '',
        );
    }
}
