<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\School;

/** Tells somebody that their private page has another address, and why. */
final class PassMoved extends Message
{
    /** @param  string  $why  guest or card: who may have had the old one; together: it was several */
    public function __construct(private readonly Pass $pass, private readonly string $why) {}

    /** One for each address, however often the queue tries. */
    protected function identity(): string
    {
        return "renewed.{$this->pass->id}.{$this->pass->generation}";
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('booking.pass_renewed_heading');
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->pass->name]),
            news: Words::say('booking.pass_renewed', ['why' => $this->why]),
            word: '',
            facts: [],
            linkText: Words::say('booking.pass_renewed_link'),
            link: $this->pass->confirmLink((string) $this->pass->email),
            school: School::here($this->pass)->name,
        );
    }
}
