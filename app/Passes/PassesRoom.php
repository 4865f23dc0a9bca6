<?php

declare(strict_types=1);

namespace App\Passes;

use App\Framework\Room;

/** What a visitor does with their pass besides booking: mend what was mistyped, take a change back, bring whoever asks to come. */
final class PassesRoom extends Room
{
}
