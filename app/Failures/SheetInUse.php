<?php

declare(strict_types=1);

namespace App\Failures;

/** A sheet that people have booked on cannot be rewritten under them. */
final class SheetInUse extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('Somebody has booked on this sheet, so its times stay as they are. Nothing was changed. Cancel those bookings first, or write a new sheet.');
    }
}
