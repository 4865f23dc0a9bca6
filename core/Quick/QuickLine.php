<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\RecessException;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** Reads a block as it is typed: "tue thu 10:25-11:35 /15 gap 5 until 28 may". The grammar is docs/formats/quick-line.md. */
final class QuickLine
{
    private const LONGEST = 1000;

    private const ANYTHING = ['days, such as tue thu', 'dates, such as 3 dec', 'times, such as 10:25-11:35', 'a length, such as /15', 'gap 5', 'until 28 may', 'except 25 dec'];

    /** @var list<Note> */
    private array $notes = [];

    /** @var list<array{list<Weekday>, list<Hours>}> days of the week, and the hours said after them */
    private array $groups = [];

    /** @var list<MonthDay> */
    private array $monthDays = [];

    /** @var list<LocalDate> */
    private array $dates = [];

    /** @var list<Hours> said before any day of the week, or without one */
    private array $hours = [];

    private ?int $minutes = null;

    private ?int $gap = null;

    private ?int $every = null;

    private ?LocalDate $from = null;

    private ?Ending $ending = null;

    private Dates $except;

    private readonly DateWords $dateWords;

    /** @var list<LocalDate> */
    private array $plus = [];

    private function __construct(private readonly Words $words, private readonly Context $context)
    {
        $this->except = Dates::none();
        $this->dateWords = new DateWords($words, $context);
    }

    /**
     * @throws QuickNotReadable pointing at the character
     */
    public static function parse(string $line, Context $context): Said
    {
        if (mb_strlen(mb_scrub($line)) > self::LONGEST) {
            throw QuickNotReadable::tooLong(self::LONGEST);
        }
        $words = Words::of($line, $context->today);
        $blocks = $notes = [];
        do {
            $one = new self($words, $context);
            $blocks[] = $one->block();
            array_push($notes, ...$one->notes);
        } while ($words->taken(';') && ! $words->atEnd());
        if (! $words->atEnd()) {
            throw QuickNotReadable::at($words->peek(), sprintf('“%s” is not understood.', $words->peek()->text), self::ANYTHING);
        }

        return new Said($blocks, $notes);
    }

    private function block(): Block
    {
        $start = $this->words->peek();
        while (! $this->words->atEnd() && $this->words->peek()->text !== ';') {
            $this->part();
        }
        $missing = match (true) {
            $this->groups === [] && $this->monthDays === [] && $this->dates === [] => 'It does not say on which days.',
            $this->allHours() === [] => 'It does not say from when until when.',
            $this->minutes === null => 'It does not say how long a meeting is.',
            default => null,
        };
        if ($missing !== null) {
            throw QuickNotReadable::at($this->words->peek(), $missing, match (true) {
                $this->groups === [] && $this->monthDays === [] && $this->dates === [] => ['days, such as tue thu', 'dates, such as 3 dec'],
                $this->allHours() === [] => ['times, such as 10:25-11:35'],
                default => ['a length, such as /15'],
            });
        }
        try {
            return $this->made((int) $this->minutes);
        } catch (QuickNotReadable $failure) {
            throw $failure;
        } catch (RecessException $failure) {
            throw QuickNotReadable::at($start, $failure->getMessage(), []);
        }
    }

    private function part(): void
    {
        $words = $this->words;
        $token = $words->peek();
        match (true) {
            $words->taken(',', 'and', 'on', '&') => null,
            // "3-5" is the clock's, "3-5 dec" the calendar's.
            Clock::looksLikeHours($token->text) && Words::asMonth($words->peek(1)->text) === null => $this->addHours(Clock::hours($words->take(), $this->notes)),
            preg_match('#^/(\d{1,4})$#D', $token->text, $part) === 1 => $this->length($words->take(), (int) $part[1]),
            preg_match('#^(\d{1,4})(?:m|min|mins|minutes)$#D', $token->text, $part) === 1 => $this->length($words->take(), (int) $part[1]),
            $words->taken('gap') => $this->gap = $this->number('minutes, such as gap 5'),
            $words->taken('every') => $this->every(),
            $words->taken('daily') => $this->addDays(Weekday::cases()),
            $words->taken('weekdays') => $this->addDays(array_slice(Weekday::cases(), 0, 5)),
            $words->taken('from', 'starting') => $this->from = $this->dateWords->one(),
            $words->taken('until', 'till') => $this->until(),
            $words->taken('in') => $this->term(),
            $words->taken('except', 'without') => $this->except = $this->except->with(Dates::of(...$this->dateWords->ranges())),
            $words->taken('plus') => array_push($this->plus, ...array_merge(...array_map(static fn (DateRange $range): array => $range->dates(), $this->dateWords->ranges()))),
            default => $this->daysOrDates($token),
        };
    }

    private function daysOrDates(Token $token): void
    {
        $day = $this->words->weekday();
        if ($day !== null) {
            $this->addDays([$day]);

            return;
        }
        $times = Words::asDayNumber($token->text) !== null && in_array($this->words->peek(1)->text, ['times', 'time'], true);
        if ($times) {
            $this->words->take();
            $this->words->take();
            $this->ending = QuickNotReadable::unless($token, static fn (): Ending => Ending::times((int) $token->text));

            return;
        }
        $range = $this->dateWords->range();
        if ($range !== null) {
            array_push($this->dates, ...$range->dates());

            return;
        }
        $ordinal = Words::asOrdinal($token->text);
        if ($ordinal === null) {
            throw QuickNotReadable::at($token, sprintf('“%s” is not understood.', $token->text), self::ANYTHING);
        }
        $this->words->take();
        $weekday = $this->words->weekday();
        $this->words->taken('day');
        $this->monthDays[] = QuickNotReadable::unless($token, static fn (): MonthDay => $weekday === null ? MonthDay::date($ordinal) : MonthDay::nth($ordinal, $weekday));
    }

    /** "every 2 weeks", "every day", "every tue", "every other week". */
    private function every(): void
    {
        if ($this->words->taken('day')) {
            $this->addDays(Weekday::cases());

            return;
        }
        $token = $this->words->peek();
        $number = $this->words->taken('other') ? 2 : (Words::asDayNumber($token->text) ?? 1);
        if ($number !== 1 && $token->text !== 'other' || $token->text === '1') {
            $this->words->take();
        }
        if (! $this->words->taken('week', 'weeks', 'month', 'months')) {
            if (Words::asWeekday($this->words->peek()->text) === null && Words::asOrdinal($this->words->peek()->text) === null) {
                throw QuickNotReadable::at($this->words->peek(), 'Every what?', ['2 weeks', '3 months', 'day', 'tue']);
            }

            return;
        }
        $this->every = $number;
    }

    private function until(): void
    {
        $term = $this->dateWords->term();
        $this->ending = Ending::until($term === null ? $this->dateWords->one() : $term->last);
    }

    private function term(): void
    {
        $token = $this->words->peek();
        $term = $this->dateWords->term() ?? throw QuickNotReadable::at($token, 'No term of that name is known.', array_keys($this->context->terms));
        $this->from = $term->first;
        $this->ending = Ending::until($term->last);
    }

    private function number(string $expected): int
    {
        $token = $this->words->take();

        return preg_match('/^\d{1,4}$/D', $token->text) === 1 ? (int) $token->text : throw QuickNotReadable::at($token, 'A number is needed.', [$expected]);
    }

    private function length(Token $token, int $minutes): void
    {
        if ($this->minutes !== null) {
            throw QuickNotReadable::at($token, 'The length of a meeting is said twice.', []);
        }
        $this->minutes = $minutes;
    }

    /** @param  list<Weekday>  $days */
    private function addDays(array $days): void
    {
        $last = count($this->groups) - 1;
        if ($last >= 0 && $this->groups[$last][1] === []) {
            array_push($this->groups[$last][0], ...$days);
        } else {
            $this->groups[] = [$days, []];
        }
    }

    private function addHours(Hours $hours): void
    {
        $last = count($this->groups) - 1;
        if ($last >= 0) {
            $this->groups[$last][1][] = $hours;
        } else {
            $this->hours[] = $hours;
        }
    }

    /** @return list<Hours> */
    private function allHours(): array
    {
        return [...$this->hours, ...array_merge(...array_column($this->groups, 1))];
    }

    /** @throws RecessException */
    private function made(int $minutes): Block
    {
        $groups = $this->groups;
        $first = $this->hours !== [] ? $this->hours : array_merge(...array_slice(array_column($groups, 1), 0, 1));
        if ($first === []) {
            $first = $this->allHours();
        }
        $block = Block::of($this->pattern(), Stretches::of(...$first), Cut::of($minutes, $this->gap ?? 0));
        foreach ($groups as [$days, $hours]) {
            foreach ($hours === [] || $hours === $first ? [] : $days as $day) {
                $block = $block->onWeekday($day, Stretches::of(...$hours));
            }
        }

        return $block;
    }

    /** @throws RecessException */
    private function pattern(): Pattern
    {
        $days = array_merge(...array_column($this->groups, 0));
        $from = $this->from ?? $this->context->today;
        $kinds = array_filter([$days !== [], $this->monthDays !== [], $this->dates !== []]);
        if (count($kinds) > 1) {
            throw QuickNotReadable::at($this->words->peek(), 'Days of the week, days of the month and dates are said in blocks of their own, with ; between.', ['plus 6 jun for a single date more']);
        }
        $pattern = match (true) {
            $this->dates !== [] => OnDates::of(...$this->dates),
            $days !== [] => Weekly::on($days, $from, $this->ending, $this->every ?? 1),
            default => Monthly::on($this->monthDays, $from, $this->ending, $this->every ?? 1),
        };
        if ($this->dates === [] && $this->ending === null) {
            $this->notes[] = new Note('It repeats without an end. Write until and a date, or 10 times.', $this->words->peek()->position);
        }

        return Adjusted::of($pattern, $this->except, $this->plus);
    }
}
