<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\Time\Hours;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;

/**
 * Reads "10:25-11:35", "4 to 6 pm", "noon - half past one" and their like.
 *
 * Where am or pm is left out, the 24-hour clock holds, but for what only the afternoon makes sense of: an end before
 * its start ("9-5"), and a start at which no school meets ("4-6", unless it is written 04:00). Whatever was filled in
 * is said back in a note, with the other reading.
 */
final class ClockWords
{
    private const CLOCK = '/^(\d{1,4}|\d{1,2}[:.,h]\d{2}|\d{1,2}h)\s?(?:([ap])\.?\s?m?\.?)?$/Du';

    /** Minutes: nobody means the evening who writes 11:00-10:00. */
    private const LONG = 600;

    private const WORDS = ['noon' => '12:00', 'midday' => '12:00', 'midnight' => '24:00'];

    /** @var list<Note> */
    public array $notes = [];

    /** The half of the day that was said before its times: "wednesday afternoons 2-4"; a, p or empty. */
    public string $half = '';

    public function __construct(private readonly Words $words) {}

    /**
     * The stretch that the next words say; null, and nothing taken, when they say none.
     *
     * @throws QuickNotReadable when they look like one that there is not
     */
    public function hours(): ?Hours
    {
        $words = $this->words;
        $mark = $words->mark();
        $words->taken('from', 'between');
        $from = $this->side();
        $to = $from !== null && $words->taken('-', 'to', 'until', 'till', 'and', '..');
        $until = $to ? $this->side() : null;
        if (
            $from === null ||
            $until === null ||
            Names::month($words->peek()->text) !== null ||
            $words->peek()->is(...Names::MINUTES, ...Names::HOURS, ...['weeks', 'months', 'times'])
        ) {
            $words->backTo($mark);

            return null;
        }
        if ($words->taken('overnight') || $words->phrase('of the next day') || $words->phrase('the next day')) {
            return QuickNotReadable::unless(
                $words->tokenAt($mark),
                static fn(): Hours => Hours::overnight(self::at(...$from), self::at(...$until)),
            );
        }
        [$from, $until] = $this->withPartOfDay($from, $until);

        return QuickNotReadable::unless($words->tokenAt($mark), fn(): Hours => $this->read($from, $until, $mark));
    }

    /** A single clock time with no end to it, to be told apart from what is not understood at all. */
    public function lone(): bool
    {
        $mark = $this->words->mark();
        $text = $this->words->peek()->text;
        $found =
            $this->side() !== null && (preg_match('/[:h]|[ap]\.?m?\.?$/', $text) === 1 || isset(self::WORDS[$text]));
        $this->words->backTo($mark);

        return $found;
    }

    /** A start alone, such as "4pm": as a stretch's start is read, with the afternoon where no school would meet. */
    public function start(): ?LocalTime
    {
        $mark = $this->words->mark();
        $side = $this->side();
        if ($side === null) {
            return null;
        }
        try {
            $start = self::at(...$side);
            if ($side[1] === '' && $start->isEarly() && $start->minute >= 60 && !str_starts_with($side[0], '0')) {
                $start = self::at($side[0], 'p');
                $this->note(Message::of('quick.read_as', typed: $side[0], meant: $start), $mark);
            }

            return $start;
        } catch (TimeNotValid) {
            return null;
        }
    }

    /** @return array{string, string}|null the time as typed, and a or p where it is said */
    private function side(): ?array
    {
        $words = $this->words;
        $mark = $words->mark();
        ($words->taken('12') && $words->peek()->is('noon', 'midday', 'midnight')) || $words->backTo($mark);
        $token = $words->take();
        if (isset(self::WORDS[$token->text])) {
            return [self::WORDS[$token->text], ''];
        }
        if ($token->is('half', 'quarter') && ($side = $this->pastOrTo($token->text)) !== null) {
            return $side;
        }
        if (preg_match(self::CLOCK, $token->text, $part, PREG_UNMATCHED_AS_NULL) === 1) {
            $words->phrase("o'clock");

            return [(string) $part[1], (string) $part[2]];
        }
        $hour = Names::count($token->text);
        if (
            $hour !== null &&
            $hour >= 1 &&
            $hour <= 12 &&
            !$token->is('a', 'an') &&
            !ctype_digit($token->text) &&
            ($words->phrase("o'clock") ||
                $words->peek()->is('-', 'to', 'until', 'till', 'and') ||
                $this->words->tokenAt($mark - 1)->is('-', 'to', 'until', 'till', 'and'))
        ) {
            return [(string) $hour, ''];
        }
        $words->backTo($mark);

        return null;
    }

    /**
     * half past four, quarter to five
     *
     * @return array{string, string}|null
     */
    private function pastOrTo(string $part): ?array
    {
        $past = $this->words->taken('past');
        if (!$past && !($part === 'quarter' && $this->words->taken('to'))) {
            return null;
        }
        if (
            preg_match(
                '/^(\d{1,2}|[a-z]+)\s?(?:([ap])\.?m?\.?)?$/D',
                $this->words->take()->text,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            return null;
        }
        $hour = Names::count((string) $found[1]) ?? Names::count($this->words->tokenAt($this->words->mark() - 1)->text);
        if ($hour === null || $hour < 1 || $hour > 12) {
            return null;
        }

        return [
            $past
                ? sprintf('%d:%02d', $hour, $part === 'half' ? 30 : 15)
                : sprintf('%d:45', $hour === 1 ? 12 : $hour - 1),
            (string) $found[2],
        ];
    }

    /**
     * "4 to 6 in the afternoon"
     *
     * @param  array{string, string}  $from
     * @param  array{string, string}  $until
     * @return array{array{string, string}, array{string, string}}
     */
    private function withPartOfDay(array $from, array $until): array
    {
        $half = match (true) {
            $this->words->phrase('in the morning') => 'a',
            $this->words->phrase('in the afternoon'), $this->words->phrase('in the evening') => 'p',
            default => $this->half,
        };
        if ($half !== '' && $from[1] === '' && $until[1] === '' && self::onTwelve($until[0])) {
            $until[1] = $half;
        }

        return [$from, $until];
    }

    /**
     * @param  array{string, string}  $from
     * @param  array{string, string}  $until
     *
     * @throws TimeNotValid
     */
    private function read(array $from, array $until, int $mark): Hours
    {
        [[$fromText, $fromHalf], [$untilText, $untilHalf]] = [$from, $until];
        $start = self::at($fromText, $fromHalf);
        $end = self::at($untilText, $untilHalf);
        if ($fromHalf === '' && $untilHalf !== '' && self::onTwelve($fromText)) {
            // "4-6pm": the half of the day that is said counts for both, if it can.
            foreach (array_unique([$untilHalf, 'a']) as $half) {
                $candidate = self::at($fromText, $half);
                if ($candidate->minute < $end->minute) {
                    $start->minute === $candidate->minute ||
                        $this->note(Message::of('quick.read_as', typed: $fromText, meant: $candidate), $mark);
                    $start = $candidate;
                    break;
                }
            }
        } elseif (
            $untilHalf === '' &&
            $end->minute <= $start->minute &&
            self::onTwelve($untilText) &&
            ($later = self::at($untilText, 'p'))->minute > $start->minute
        ) {
            // "9-5": as 24-hour times it would end before it starts, so only the afternoon is left.
            $plain =
                $fromHalf === '' && $start->isEarly() && !str_starts_with($fromText, '0') && self::onTwelve($fromText)
                    ? self::at($fromText, 'p')
                    : $start;
            if ($plain->minute < $later->minute) {
                $start = $plain;
            }
            // Whoever writes 10:00 writes as on a 24-hour clock.
            if ($later->minute - $start->minute > self::LONG && preg_match('/^\d\d\D\d\d$/D', $untilText) === 1) {
                throw TimeNotValid::endsBeforeStart($start, self::at($untilText, ''));
            }
            $end = $later;
            $this->note(Message::of('quick.read_as_later', typed: $untilText, meant: $end, start: $start), $mark);
        } elseif ($fromHalf === '' && $untilHalf === '' && $start->minute >= 60 && $end->minute > $start->minute) {
            [$start, $end] = $this->ofASchoolDay($fromText, $untilText, $start, $end, $mark);
        }

        return Hours::between($start, $end);
    }

    /**
     * Hours with neither am nor pm that could be in either half of the day.
     *
     * @return array{LocalTime, LocalTime}
     *
     * @throws TimeNotValid
     */
    private function ofASchoolDay(string $from, string $until, LocalTime $start, LocalTime $end, int $mark): array
    {
        $could =
            self::onTwelve($from) &&
            self::onTwelve($until) &&
            ($end->minute < 12 * 60 || ($end->minute < 13 * 60 && $start->minute >= 12 * 60));
        $exact = str_starts_with($from, '0') || str_starts_with($until, '0');
        if ($start->minute >= 8 * 60 || ($exact && !$start->isEarly())) {
            return [$start, $end];
        }
        if (!$could) {
            $start->isEarly() && $this->note(Message::of('quick.start_is_early', start: $start), $mark);

            return [$start, $end];
        }
        [$later, $laterEnd] = [self::at($from, 'p'), self::at($until, 'p')];
        if ($start->isEarly() && !$exact) {
            $this->note(
                Message::of('quick.afternoon', from: $from, until: $until, later: $later, later_end: $laterEnd),
                $mark,
                "$start-$end",
                Message::of('quick.hours', from: $start, until: $end),
            );

            return [$later, $laterEnd];
        }
        $this->note(
            $start->isEarly()
                ? Message::of('quick.is_early', from: $start, until: $end)
                : Message::of('quick.morning', from: $from, until: $until),
            $mark,
            "$later-$laterEnd",
            Message::of('quick.hours', from: $later, until: $laterEnd),
        );

        return [$start, $end];
    }

    private function note(Message $message, int $mark, ?string $instead = null, ?Message $other = null): void
    {
        $this->notes[] = new Note(
            $message,
            $this->words->tokenAt($mark)->position,
            $instead === null ? null : $this->words->instead($mark, $instead),
            $other,
        );
    }

    /** @throws TimeNotValid */
    private static function at(string $text, string $half): LocalTime
    {
        return LocalTime::parse($text . ($half === '' ? '' : $half . 'm'));
    }

    private static function onTwelve(string $text): bool
    {
        $hour = intdiv(LocalTime::parse($text)->minute, 60);

        return $hour >= 1 && $hour <= 12;
    }
}
