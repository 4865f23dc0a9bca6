<?php

declare(strict_types=1);

namespace Recess\Time;

/** A date of the proleptic Gregorian calendar, in no particular zone. */
final readonly class LocalDate implements \Stringable
{
    private function __construct(
        /** Days since 1970-01-01. */
        public int $day,
    ) {}

    /** @throws TimeNotValid when the calendar has no such date */
    public static function of(int $year, int $month, int $day): self
    {
        if ($year < 1 || $year > 9999 || !checkdate($month, $day, $year)) {
            throw TimeNotValid::noSuchDate(sprintf('%04d-%02d-%02d', $year, $month, $day));
        }

        return self::unchecked($year, $month, $day);
    }

    public static function fromDay(int $day): self
    {
        return new self($day);
    }

    /**
     * Reads YYYY-MM-DD (RFC 3339, 5.6, full-date).
     *
     * @throws TimeNotValid
     */
    public static function parse(string $text): self
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $part) !== 1) {
            throw TimeNotValid::noSuchDate($text);
        }

        return self::of((int) $part[1], (int) $part[2], (int) $part[3]);
    }

    /** From civil date to day number without a DateTime: Euclidean months from March, 400-year eras. */
    private static function unchecked(int $year, int $month, int $day): self
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year >= 0 ? $year : $year - 399, 400);
        $yearOfEra = $year - $era * 400;
        $dayOfYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;
        $dayOfEra = $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear;

        return new self($era * 146_097 + $dayOfEra - 719_468);
    }

    /** @return array{int, int, int} year, month, day of the month */
    public function parts(): array
    {
        [$year, $month, $day] = explode('-', gmdate('Y-n-j', $this->day * 86_400));

        return [(int) $year, (int) $month, (int) $day];
    }

    public function weekday(): Weekday
    {
        return Weekday::from(self::weekdayOf($this->day));
    }

    /** 1 (Monday) to 7, of a day number; 1970-01-01 was a Thursday. */
    public static function weekdayOf(int $day): int
    {
        return (((($day + 3) % 7) + 7) % 7) + 1;
    }

    public function plusDays(int $days): self
    {
        return new self($this->day + $days);
    }

    public function isBefore(self $other): bool
    {
        return $this->day < $other->day;
    }

    public function isAfter(self $other): bool
    {
        return $this->day > $other->day;
    }

    public function equals(self $other): bool
    {
        return $this->day === $other->day;
    }

    /** YYYY-MM-DD. */
    public function __toString(): string
    {
        return gmdate('Y-m-d', $this->day * 86_400);
    }
}
