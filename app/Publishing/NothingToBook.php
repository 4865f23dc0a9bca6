<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;
use App\Framework\Words;

/** A sheet whose every slot is over is not worth publishing. */
final class NothingToBook extends Refused
{
    public function __construct()
    {
        parent::__construct(Words::say('sheets.nothing_to_book'));
    }
}
