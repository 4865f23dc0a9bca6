<?php

declare(strict_types=1);

namespace App\Telling;

/** A message whose reader's host hears that it will never arrive, and can ring instead. */
interface HostHears
{
    public function failed(\Throwable $failure): void;
}
