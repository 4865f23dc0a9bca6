<?php

declare(strict_types=1);

namespace App\AccountLetters;

use App\Accounts\AccountKey;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\StaffMember;
use App\Telling\Letter;
use App\Telling\Message;

/** A letter to a staff member about their account. */
final class AccountLetter extends Message
{
    public function __construct(
        private readonly StaffMember $reader,
        private readonly string $about,
        private readonly string $said,
        private readonly ?AccountKey $key = null,
    ) {}

    protected function reading(): Reading
    {
        return Reading::of($this->reader);
    }

    protected function heading(): string
    {
        return Words::say("{$this->about}_heading", ['school' => $this->reader->school->name]);
    }

    protected function letter(): Letter
    {
        return new Letter(
            greeting: Words::say('booking.dear', ['name' => $this->reader->name]),
            news: $this->said,
            word: '',
            facts: [],
            linkText: Words::say("{$this->about}_link"),
            link: $this->key?->link() ?? url('/staff/sign-in'),
            school: $this->reader->school->name,
        );
    }
}
