<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;

/** A sheet that people have used is not taken back as if it had never been there. */
final class NotADraftAgain extends Refused
{
    public function __construct()
    {
        parent::__construct(
            'Somebody has booked here or waits for a time, so this sheet cannot be a draft again. Pause it, or close it: whoever has booked keeps their time.',
        );
    }
}
