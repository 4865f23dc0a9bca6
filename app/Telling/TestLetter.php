<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Framework\Words;

/** Says that letters arrive. */
final class TestLetter extends Message
{
    protected function reading(): Reading
    {
        return Reading::now();
    }

    protected function heading(): string
    {
        return Words::say('accounts.test_heading');
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('accounts.test_dear'),
            news: Words::say('accounts.test_news'),
            word: '',
            facts: [],
            linkText: Words::say('accounts.test_link'),
            link: url('/'),
            school: '',
        );
    }
}
