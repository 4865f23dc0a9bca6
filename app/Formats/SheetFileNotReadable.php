<?php

declare(strict_types=1);

namespace App\Formats;

/** A file that is no sheet. */
final class SheetFileNotReadable extends \RuntimeException
{
}
