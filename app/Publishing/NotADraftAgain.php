<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;
use App\Framework\Words;

/** A sheet that people have used is not taken back as if it had never been there. */
final class NotADraftAgain extends Refused
{
    public function __construct()
    {
        parent::__construct(Words::say('sheets.no_draft_again'));
    }
}
