<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\School;
use Illuminate\Http\Response;

/** One press on the page that a mailbox opened: all that was booked there is on one page. */
final class TogetherController
{
    public function __invoke(Pass $mailbox, BringTogether $bring): Response
    {
        $apart = $bring($mailbox, Clock::now());
        LogBook::note('brought_together', $mailbox);

        return new Response(
            view('plain.address', [
                'heading' => Words::say($apart === 0 ? 'booking.together_done' : 'booking.together_left'),
                'more' => $apart === 0 ? '' : Words::say('booking.together_apart', ['pages' => $apart]),
                'press' => null,
                'together' => null,
                'pass' => $mailbox,
                'school' => School::here($mailbox)->name,
            ])->render(),
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }
}
