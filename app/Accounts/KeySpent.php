<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Refused;
use App\Framework\Words;

/** A letter's address that has been used, is over, or never was one. */
final class KeySpent extends Refused
{
    public function __construct(?string $said = null)
    {
        parent::__construct($said ?? Words::say('accounts.key_spent'));
    }
}
