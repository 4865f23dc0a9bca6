<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\School;

/** Tells the old address of a pass that messages go to another one. */
final class AddressMoved extends Message
{
    public function __construct(private readonly Pass $pass, private readonly string $school) {}

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('booking.address_moved_subject');
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('booking.address_moved_news', [
                'email' => (string) $this->pass->email,
                'phone' => School::here($this->pass)->phoneOrNone(),
            ]),
            word: '',
            facts: [],
            linkText: Words::say('booking.address_moved_link'),
            link: url('/'),
            school: $this->school,
        );
    }
}
