<?php

declare(strict_types=1);

namespace App\Failures;

/** Something that cannot be done from a pass, and why. */
final class PassRefused extends \RuntimeException
{
}
