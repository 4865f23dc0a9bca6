<?php

declare(strict_types=1);

namespace App\Telling;

use App\Models\Pass;

/** Sends somebody the addresses of their passes again. */
final class PassAgain extends Message
{
    /** @param  list<int>  $others  further passes of the same address */
    public function __construct(
        private readonly Pass $pass,
        private readonly array $others,
        private readonly string $school,
    ) {}

    protected function heading(): string
    {
        return 'Your bookings';
    }

    protected function letter(): Letter
    {
        $facts = [];
        foreach (Pass::query()->whereIn('id', $this->others)->get() as $n => $other) {
            $facts['And ' . ($n + 2)] = $other->confirmLink((string) $other->email);
        }

        return new Letter(
            greeting: Letter::greeting($this->pass),
            news: 'Here are your bookings.',
            word: '',
            facts: $facts,
            linkText: 'Your bookings',
            link: $this->pass->confirmLink((string) $this->pass->email),
            school: $this->school,
        );
    }
}
