<?php

declare(strict_types=1);

namespace App\Allotting;

/** Ends a transaction in which something was tried, so that nothing of it stays. */
final class OnlyTried extends \RuntimeException {}
