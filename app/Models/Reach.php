<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Recess\Slots\Block;

/**
 * How far an address of a pass reaches, where it is not the whole pass: one booking, sheet, round, door or knock; only its
 * calendar; or only the question whether its mailbox answers. It ends.
 *
 * What goes out in letters, calendars, text messages and on paper is such an address: whoever reads over somebody's shoulder
 * has that much, and not all that a family does at the school. The whole pass opens where it was made, and by the address
 * that its mailbox has answered. See docs/decisions/0029-how-far-a-link-reaches.md.
 */
final readonly class Reach
{
    /** Days for which a link opens after what it is about is over: what was said there can still be read. */
    private const AFTER = 30;

    /** Days for which what has no end of its own opens. */
    private const LONG = 400;

    /** Days within which a mailbox answers. */
    private const ANSWER = 3;

    private const DAY = 86_400;

    private const FORM = '/^([bsrdkca])([0-9a-z]{1,13})\.([0-9a-z]{1,13})\.([0-9a-z]{1,8})\.([\w-]{43})$/D';

    /**
     * @param  string  $kind  b, s, r, d, k, c or a
     * @param  int  $id  of what it reaches; 0 where that is nothing but the pass
     * @param  int  $until  seconds since the epoch
     */
    private function __construct(private string $kind, private int $id, private int $until) {}

    /** One booking, and its sheet's times to move it to. */
    public static function booking(Booking $booking): self
    {
        return new self('b', $booking->id, self::days($booking->span()->end, self::AFTER));
    }

    public static function sheet(Sheet $sheet): self
    {
        $lasts = array_map(static fn(Block $block): ?int => $block->pattern->last()?->day, $sheet->coreBlocks());
        $today = intdiv(CarbonImmutable::now()->getTimestamp(), self::DAY);
        $last =
            $lasts === [] || in_array(null, $lasts, true)
                ? $today + self::LONG
                : max($today, ...array_map(intval(...), $lasts));

        return new self('s', $sheet->id, self::days($last * self::DAY, self::AFTER));
    }

    public static function round(Round $round): self
    {
        return new self(
            'r',
            $round->id,
            self::days(max(CarbonImmutable::now()->getTimestamp(), $round->range()->end), self::AFTER),
        );
    }

    /** Asking one host for a time. */
    public static function door(StaffMember $host): self
    {
        return new self('d', $host->id, self::days(CarbonImmutable::now()->getTimestamp(), self::LONG));
    }

    /** @param  int  $knock  what was asked for, by its number */
    public static function knock(int $knock, int $until): self
    {
        return new self('k', $knock, self::days($until, self::AFTER));
    }

    /** The file of all meetings, for a calendar program that follows it. */
    public static function calendar(): self
    {
        return new self('c', 0, self::days(CarbonImmutable::now()->getTimestamp(), self::LONG));
    }

    /** Whether a mailbox answers, and nothing else. */
    public static function answer(): self
    {
        return new self('a', 0, self::days(CarbonImmutable::now()->getTimestamp(), self::ANSWER));
    }

    /** Of a pass: what a letter can carry, worked out again from its row and the application key. */
    public function token(Pass $pass): string
    {
        $digits = static fn(int $number): string => base_convert((string) $number, 10, 36);

        return $this->kind .
            $digits($this->id) .
            '.' .
            $digits($pass->id) .
            '.' .
            $digits($this->until) .
            '.' .
            Secret::of($this->sealed($pass));
    }

    /** The pass that a token opens, no further than it reaches; null where it is none, was renewed, or is over. */
    public static function opened(string $token): ?Pass
    {
        if (preg_match(self::FORM, $token, $found) !== 1) {
            return null;
        }
        [$id, $of, $until] = array_map(
            static fn(string $digits): int => (int) base_convert($digits, 36, 10),
            array_slice($found, 2, 3),
        );
        $pass = $until < CarbonImmutable::now()->getTimestamp() ? null : Pass::query()->find($of);
        $reach = new self($found[1], $id, $until);

        return $pass !== null && Secret::matches($reach->sealed($pass), $found[5]) ? $pass->within($reach) : null;
    }

    /** Seconds since the epoch. */
    public function ends(): int
    {
        return $this->until;
    }

    public function isCalendar(): bool
    {
        return $this->kind === 'c';
    }

    public function isAnswer(): bool
    {
        return $this->kind === 'a';
    }

    /** Whether there is a page to look at. */
    public function hasPage(): bool
    {
        return !$this->isCalendar() && !$this->isAnswer();
    }

    /** Whether it is about that booking. */
    public function holds(Booking $booking): bool
    {
        return match ($this->kind) {
            'b' => $booking->id === $this->id,
            's' => $booking->sheet_id === $this->id,
            'r' => $booking->sheet->round_id === $this->id,
            'd' => $booking->sheet->kind === SheetKind::Knock && $booking->sheet->staff_id === $this->id,
            'c' => true,
            default => false,
        };
    }

    /** Whether it opens that sheet, to look and to book; of a booking, that on which it is. */
    public function opens(Sheet $sheet): bool
    {
        return match ($this->kind) {
            's' => $sheet->id === $this->id,
            'r' => $sheet->round_id === $this->id,
            'b' => Booking::query()->whereKey($this->id)->where('sheet_id', $sheet->id)->exists(),
            default => false,
        };
    }

    public function opensRound(Round $round): bool
    {
        return $this->kind === 'r' && $this->id === $round->id;
    }

    public function opensDoor(StaffMember $host): bool
    {
        return $this->kind === 'd' && $this->id === $host->id;
    }

    public function holdsKnock(int $knock, int $host): bool
    {
        return ($this->kind === 'k' && $this->id === $knock) || ($this->kind === 'd' && $this->id === $host);
    }

    /** What is sealed: another generation of the pass ends it. */
    private function sealed(Pass $pass): string
    {
        return "reach|$this->kind|$this->id|$this->until|$pass->id|$pass->generation";
    }

    /** The end of a day some days later, so that a link that is made twice on one day is the same. */
    private static function days(int $instant, int $days): int
    {
        return (intdiv($instant, self::DAY) + $days + 1) * self::DAY;
    }
}
