<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Pass;

/** A pass has another address, and its holder is told where it is. Raised in the same transaction. */
final readonly class PassRenewed
{
    /** Somebody else had seen the old one. */
    public const SEEN = 'guest';

    /** Several of one person have become one, as they asked. */
    public const TOGETHER = 'together';

    /** @param  string  $why  one of those above */
    public function __construct(public Pass $pass, public string $why = self::SEEN) {}
}
