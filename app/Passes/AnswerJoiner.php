<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\BringGuest;
use App\Booking\GuestWish;
use App\Booking\Presser;

/** Whoever has the time brings those who ask to come, or does not; who asked in vain hears nothing. */
final class AnswerJoiner
{
    public function __construct(private readonly BringGuest $bring) {}

    /** @throws \App\Booking\PassRefused when no more guests may come; the request stays */
    public function __invoke(Joiner $joiner, bool $bring, bool $mayChange, int $now): void
    {
        if ($bring) {
            ($this->bring)(
                $joiner->booking,
                Presser::pass($joiner->booking->pass),
                new GuestWish($joiner->name, $joiner->email, $mayChange),
                $now,
            );
        }
        $joiner->delete();
    }
}
