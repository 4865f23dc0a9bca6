<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Pass;

/** An address was given for a pass: one press in this message, and it is its address. */
final class AddressQuestion extends Message
{
    public function __construct(
        private readonly Pass $pass,
        private readonly string $email,
        private readonly string $school,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('booking.address_subject');
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.good_day'),
            news: Words::say('booking.address_news', ['school' => $this->school]),
            word: '',
            facts: [],
            linkText: Words::say('booking.address_press'),
            link: $this->pass->confirmLink($this->email),
            school: $this->school,
        );
    }
}
