<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Turn;

/** A short answer of whoever waits to the host's word. */
final class AnswerWord
{
    public const LENGTH = 60;

    /** @throws NotHere when there is nothing to answer */
    public function __invoke(Booking $booking, string $answer, int $now): void
    {
        Contended::transaction(static function () use ($booking, $answer, $now): void {
            Guard::turn($booking->id);
            $turn = Turn::query()->where('booking_id', $booking->id)->first();
            if ($turn === null || $turn->word === '' || $turn->isOver()) {
                throw new NotHere(Words::say('day.no_word'));
            }
            $turn->fill(['answer' => $answer, 'answer_at' => Instant::column($now)])->save();
        });
    }
}
