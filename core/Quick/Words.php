<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;
use Recess\Time\Weekday;

/** A quick line as words, read one after the other. */
final class Words
{
    private const MONTHS = ['jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'nov' => 11, 'dec' => 12];

    private const DAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    private int $next = 0;

    /** @param  list<Token>  $tokens the last of which is the empty end of the line */
    private function __construct(private readonly array $tokens, private readonly LocalDate $today)
    {
    }

    public static function of(string $line, LocalDate $today): self
    {
        $line = mb_strtolower(mb_scrub($line));
        $tokens = [];
        // A clock range is one word; commas and semicolons are words of their own, except inside 9,30.
        $side = '\d{1,2}(?:[:.,h]?\d{2})?h?(?:[ap]\.?m?\.?)?';
        preg_match_all('/\d{4}-\d{2}-\d{2}|'.$side.'[-–—]'.$side.'(?!\w)|\d{1,2},\d{2}(?!\d)|[;,]|\.\.|[^\s;,.]+(?:\.(?!\.)[^\s;,.]*)*|\./u', $line, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$text, $offset]) {
            $tokens[] = new Token($text, mb_strlen(substr($line, 0, $offset)));
        }
        $tokens[] = new Token('', mb_strlen($line));

        return new self($tokens, $today);
    }

    public function peek(int $ahead = 0): Token
    {
        return $this->tokens[min($this->next + $ahead, count($this->tokens) - 1)];
    }

    public function take(): Token
    {
        $token = $this->peek();
        $this->next = min($this->next + 1, count($this->tokens) - 1);

        return $token;
    }

    /** Takes the word if it is one of these. */
    public function taken(string ...$words): bool
    {
        if (! in_array($this->peek()->text, $words, true)) {
            return false;
        }
        $this->take();

        return true;
    }

    public function atEnd(): bool
    {
        return $this->peek()->text === '';
    }

    /** Where reading stands, to come back to. */
    public function mark(): int
    {
        return $this->next;
    }

    public function backTo(int $mark): void
    {
        $this->next = $mark;
    }

    /** A day of the week, if that is the next word: tue, tues, tuesday, tuesdays. */
    public function weekday(): ?Weekday
    {
        $day = self::asWeekday($this->peek()->text);
        if ($day !== null) {
            $this->take();
        }

        return $day;
    }

    public static function asWeekday(string $word): ?Weekday
    {
        $day = self::DAYS[substr($word, 0, 3)] ?? null;
        if ($day === null) {
            return null;
        }
        $name = strtolower(Weekday::from($day)->name);

        // Any beginning of the name with three letters or more, and the plural.
        return str_starts_with($name, $word) || $word === $name.'s' ? Weekday::from($day) : null;
    }

    /** 1st, 2nd, third, last … as a number, without taking it. */
    public static function asOrdinal(string $word): ?int
    {
        $number = ['first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'last' => -1][$word] ?? null;
        if ($number === null && preg_match('/^(\d{1,2})(?:st|nd|rd|th)$/D', $word, $part) === 1) {
            $number = (int) $part[1];
        }

        return $number;
    }

    /**
     * A date, if the next words are one: 2026-12-03, 3 dec, 3rd december 2026, dec 3.
     *
     * @throws QuickNotReadable when they look like a date that there is not
     */
    public function date(): ?LocalDate
    {
        $first = $this->peek();
        if (preg_match('/^\d{4}-\d{2}-\d{2}$/D', $first->text) === 1) {
            $this->take();
            try {
                return LocalDate::parse($first->text);
            } catch (TimeNotValid $failure) {
                throw QuickNotReadable::at($first, $failure->getMessage(), ['a date, such as 2026-12-03']);
            }
        }
        [$one, $two] = [$first->text, $this->peek(1)->text];
        [$day, $month] = [self::asDayNumber($one), self::asMonth($two)];
        if ($day === null || $month === null) {
            [$month, $day] = [self::asMonth($one), self::asDayNumber($two)];
        }
        if ($day === null || $month === null) {
            return null;
        }
        $this->take();
        $this->take();

        return $this->withYear($first, $day, $month);
    }

    /** The day of "3-5 dec", which leaves its month to the end of the range. */
    public static function asDayNumber(string $word): ?int
    {
        return preg_match('/^(\d{1,2})(?:st|nd|rd|th)?$/D', $word, $part) === 1 ? (int) $part[1] : null;
    }

    public static function asMonth(string $word): ?int
    {
        $month = self::MONTHS[substr($word, 0, 3)] ?? null;
        if ($month === null) {
            return null;
        }
        $names = [1 => 'january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'];

        return str_starts_with($names[$month], $word) || $word === 'sept' ? $month : null;
    }

    /**
     * The year that follows, or else that of the next such date from today on.
     *
     * @throws QuickNotReadable
     */
    public function withYear(Token $first, int $day, int $month): LocalDate
    {
        if (preg_match('/^(?:19|20|21)\d{2}$/D', $this->peek()->text) === 1) {
            $years = [(int) $this->take()->text];
        } else {
            // A leap day may be up to eight years away.
            $years = range($this->today->parts()[0], $this->today->parts()[0] + 8);
        }
        foreach ($years as $year) {
            if (checkdate($month, $day, $year)) {
                $date = LocalDate::of($year, $month, $day);
                if (count($years) === 1 || ! $date->isBefore($this->today)) {
                    return $date;
                }
            }
        }

        throw QuickNotReadable::at($first, sprintf('There is no day %d in that month.', $day), ['a date, such as 3 dec or 2026-12-03']);
    }
}
