<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\Hours;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;

/**
 * Reads "10:25-11:35", "4-6pm", "9-5" and their like. Where am or pm is left out the 24-hour clock holds, unless only
 * one reading makes the end later than the start; whatever was filled in is said back in a note.
 */
final class Clock
{
    private const SIDE = '(\d{1,4}(?:[:.,h]\d{2})?h?)\s*([ap]\.?m?\.?)?';

    /** Whether the word looks like a range of clock times. */
    public static function looksLikeHours(string $word): bool
    {
        return preg_match('/^'.self::SIDE.'(?:-|–|—)'.self::SIDE.'$/Du', $word) === 1;
    }

    /**
     * @param  list<Note>  $notes  gets what was filled in
     *
     * @throws QuickNotReadable
     */
    public static function hours(Token $token, array &$notes): Hours
    {
        if (preg_match('/^'.self::SIDE.'(?:-|–|—)'.self::SIDE.'$/Du', $token->text, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw QuickNotReadable::at($token, sprintf('“%s” is not a stretch of time.', $token->text), ['from and to, such as 10:25-11:35 or 4-6pm']);
        }
        [$from, $fromHalf, $until, $untilHalf] = [(string) $part[1], self::half($part[2]), (string) $part[3], self::half($part[4])];
        try {
            [$from, $until] = self::read($from, $fromHalf, $until, $untilHalf, $token, $notes);

            return Hours::between($from, $until);
        } catch (TimeNotValid $failure) {
            throw QuickNotReadable::at($token, $failure->getMessage(), ['from and to, such as 10:25-11:35 or 4-6pm']);
        }
    }

    /**
     * @param  list<Note>  $notes
     * @return array{LocalTime, LocalTime}
     *
     * @throws TimeNotValid
     */
    private static function read(string $from, string $fromHalf, string $until, string $untilHalf, Token $token, array &$notes): array
    {
        $end = LocalTime::parse($until.$untilHalf);
        $start = LocalTime::parse($from.$fromHalf);
        if ($fromHalf === '' && $untilHalf !== '' && self::onTwelve($from)) {
            // "4-6pm": the half of the day that is said counts for both, if it can.
            foreach (array_unique([$untilHalf, 'am']) as $half) {
                $candidate = LocalTime::parse($from.$half);
                if ($candidate->minute < $end->minute) {
                    $start = $candidate;
                    $notes[] = new Note(sprintf('%s was read as %s.', $from, $start), $token->position);
                    break;
                }
            }
        } elseif ($untilHalf === '' && $end->minute < $start->minute && self::onTwelve($until) && ($later = LocalTime::parse($until.'pm'))->minute > $start->minute) {
            // "9-5": as 24-hour times it would end before it starts, so only the afternoon is left.
            $end = $later;
            $notes[] = new Note(sprintf('%s was read as %s, later than %s.', $until, $end, $start), $token->position);
        } elseif ($fromHalf === '' && $untilHalf === '' && $start->isEarly() && $start->minute > 0) {
            $notes[] = new Note(sprintf('%s is in the early morning. Write %spm for the afternoon.', $start, ltrim($from, '0')), $token->position);
        }

        return [$start, $end];
    }

    private static function onTwelve(string $text): bool
    {
        $hour = intdiv(LocalTime::parse($text)->minute, 60);

        return $hour >= 1 && $hour <= 12;
    }

    private static function half(?string $text): string
    {
        return match ($text[0] ?? '') {
            'a' => 'am',
            'p' => 'pm',
            default => '',
        };
    }
}
