<?php

declare(strict_types=1);

namespace Recess\Quick;

/** Reads "/15", "10 min", "1h", "an hour and a half", "15-minute" and their like. */
final class LengthWords
{
    public function __construct(private readonly Words $words) {}

    /**
     * The minutes that the next words say; null, and nothing taken, when they say none.
     *
     * @param  bool  $bare  whether a number alone is minutes, as after a stroke or "gap"
     */
    public function minutes(bool $bare = false): ?int
    {
        $words = $this->words;
        $mark = $words->mark();
        foreach (
            [
                'half an hour' => 30,
                'a quarter of an hour' => 15,
                'quarter of an hour' => 15,
                'three quarters of an hour' => 45,
                'an hour and a half' => 90,
                'one and a half hours' => 90,
            ]
            as $phrase => $minutes
        ) {
            if ($words->phrase($phrase)) {
                return $minutes;
            }
        }
        $token = $words->take();
        if (preg_match('/^(\d{1,2})h(\d{2})$/D', $token->text, $part) === 1) {
            // "1h30" alone is a length where it cannot be a time of day of a stretch.
            $words->taken(...Names::MINUTES);

            return (int) $part[1] * 60 + (int) $part[2];
        }
        if (preg_match('/^(\d{1,2})h$/D', $token->text, $part) === 1) {
            return (int) $part[1] * 60 + $this->minutesAfterHours();
        }
        if (preg_match('/^(\d)[.,]5$/D', $token->text, $part) === 1 && $words->taken(...Names::HOURS)) {
            return (int) $part[1] * 60 + 30;
        }
        $number = Names::count($token->text);
        // "15-minute meetings"
        $words->peek()->is('-') && $words->peek(1)->is(...Names::MINUTES, ...Names::HOURS) && $words->take();
        $minutes = match (true) {
            $number === null => null,
            $words->taken(...Names::MINUTES) => $number,
            $words->taken(...Names::HOURS) => $number * 60 + $this->minutesAfterHours(),
            $bare && ctype_digit($token->text) => $number,
            default => null,
        };
        if ($minutes === null) {
            $words->backTo($mark);
        }

        return $minutes;
    }

    private function minutesAfterHours(): int
    {
        $mark = $this->words->mark();
        $this->words->taken('and');
        $number = $this->words->take()->number();
        if ($number !== null && $this->words->taken(...Names::MINUTES)) {
            return $number;
        }
        $this->words->backTo($mark);

        return 0;
    }
}
