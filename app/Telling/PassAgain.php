<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;
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

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    protected function heading(): string
    {
        return Words::say('news.again_heading');
    }

    protected function letter(): Letter
    {
        $facts = [];
        foreach (Pass::query()->whereIn('id', $this->others)->get() as $n => $other) {
            $facts[Words::say('news.again_other', ['number' => $n + 2])] = $other->confirmLink((string) $other->email);
        }

        return new Letter(
            greeting: Letter::greeting($this->pass),
            news: Words::say('news.again'),
            word: '',
            facts: $facts,
            linkText: Words::say('news.again_heading'),
            link: $this->pass->confirmLink((string) $this->pass->email),
            school: $this->school,
        );
    }
}
