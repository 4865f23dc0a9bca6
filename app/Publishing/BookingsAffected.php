<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Words;
use Illuminate\Contracts\Debug\ShouldntReport;
use Recess\Changes\Within;

/** A change that touches bookings waits until its writer has seen whom it hits. */
final class BookingsAffected extends \RuntimeException implements ShouldntReport
{
    /** @param  list<EditEffect>  $effects  of the sheets that it touches */
    public function __construct(public readonly array $effects, public readonly Within $within)
    {
        parent::__construct(Words::say('sheets.affected'));
    }
}
