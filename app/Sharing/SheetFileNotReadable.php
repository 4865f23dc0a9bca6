<?php

declare(strict_types=1);

namespace App\Sharing;

/** A file that is no sheet. */
final class SheetFileNotReadable extends \RuntimeException {}
