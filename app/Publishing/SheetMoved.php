<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Words;
use App\Models\Sheet;
use Illuminate\Contracts\Debug\ShouldntReport;

/** Somebody else has changed the sheet since it was opened; neither version is thrown away. */
final class SheetMoved extends \RuntimeException implements ShouldntReport
{
    public function __construct(public readonly Sheet $sheet)
    {
        parent::__construct(Words::say('sheets.moved'));
    }
}
