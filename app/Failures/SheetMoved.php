<?php

declare(strict_types=1);

namespace App\Failures;

use App\Models\Sheet;

/** Somebody else has changed the sheet since it was opened; neither version is thrown away. */
final class SheetMoved extends \RuntimeException
{
    public function __construct(public readonly Sheet $sheet)
    {
        parent::__construct('Somebody else has changed this sheet since you opened it. Nothing of yours was lost or saved. Look at both and choose.');
    }
}
