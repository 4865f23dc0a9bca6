<?php

declare(strict_types=1);

namespace Recess\Time;

/** A time of day on the wall, to the minute, in no particular zone. 24:00 is the end of the day. */
final readonly class LocalTime implements \Stringable
{
    private function __construct(
        /** Minutes since midnight on the clock's face, 0 to 1440. */
        public int $minute,
    ) {}

    /** @throws TimeNotValid */
    public static function of(int $hour, int $minute = 0): self
    {
        if ($hour < 0 || $minute < 0 || $minute > 59 || $hour * 60 + $minute > 1440) {
            throw TimeNotValid::noSuchTime(sprintf('%d:%02d', $hour, $minute));
        }

        return new self($hour * 60 + $minute);
    }

    /** @throws TimeNotValid */
    public static function ofMinute(int $minute): self
    {
        return self::of(intdiv($minute, 60), $minute % 60);
    }

    /**
     * Reads what people type: 9, 930, 9.30, 9:30, 9,30, 9h30, 9 pm, 9:30pm, 16:30.
     * Without am or pm it is the 24-hour clock; nothing is guessed.
     *
     * @throws TimeNotValid
     */
    public static function parse(string $text): self
    {
        $pattern =
            '/^\s*(?:(\d{1,2})\s*[:.,hH]\s*(\d{2})|(\d{1,2})(\d{2})|(\d{1,2})\s*[hH]?)(?::00)?\s*([ap])?\.?(?:(?<=[ap])m|(?<=[ap]\.)m\.?)?\s*$/iD';
        if (strlen($text) > 40 || preg_match($pattern, $text, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw TimeNotValid::noSuchTime($text);
        }
        $hour = (int) ($part[1] ?? ($part[3] ?? $part[5]));
        $minute = (int) ($part[2] ?? $part[4]);
        $half = strtolower($part[6] ?? '');
        if ($half !== '') {
            if ($hour < 1 || $hour > 12) {
                throw TimeNotValid::noSuchTime($text);
            }
            $hour = ($hour % 12) + ($half === 'p' ? 12 : 0);
        }
        if ($minute > 59 || $hour * 60 + $minute > 1440) {
            throw TimeNotValid::noSuchTime($text);
        }

        return self::of($hour, $minute);
    }

    /** Whether a school would hardly meet then, so that the afternoon is most likely meant: before 07:00. */
    public function isEarly(): bool
    {
        return $this->minute < 7 * 60;
    }

    public function partOfDay(): PartOfDay
    {
        return match (true) {
            $this->minute < 12 * 60 => PartOfDay::Morning,
            $this->minute < 16 * 60 => PartOfDay::Afternoon,
            default => PartOfDay::Late,
        };
    }

    /** HH:MM on the 24-hour clock. */
    public function __toString(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }
}
