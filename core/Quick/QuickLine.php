<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\RecessException;
use Recess\Repeat\Ending;
use Recess\Slots\Block;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\Weekday;

/**
 * Reads blocks as they are typed: "tue thu 10:25-11:35 /15 gap 5 until 28 may". The grammar is docs/formats/quick-line.md.
 *
 * Nothing is guessed in silence: what was filled in is a note, what can be read in two ways is asked.
 */
final class QuickLine extends Part
{
    private const LONGEST = 1000;

    /** Readings tried of one line. */
    private const MOST_READINGS = 32;

    /** Days in a row that are taken for dates where no weekday is said. */
    private const LONGEST_RUN = 370;

    private readonly Amounts $amounts;

    private readonly DayWords $days;

    private readonly RepeatWords $repeats;

    private readonly PeriodWords $periods;

    private readonly ExceptWords $leftOut;

    public function __construct(Reading $reading)
    {
        parent::__construct($reading);
        $this->amounts = new Amounts($reading);
        $this->days = new DayWords($reading);
        $this->repeats = new RepeatWords($reading, $this->amounts, $this->days);
        $this->periods = new PeriodWords($reading, $this->amounts);
        $this->leftOut = new ExceptWords($reading, $this->days);
    }

    /**
     * @throws QuickNotReadable pointing at the character
     * @throws QuickAsks when it can be read in more than one way
     */
    public static function parse(string $line, Context $context): Said
    {
        if (mb_strlen(mb_scrub($line)) > self::LONGEST) {
            throw QuickNotReadable::tooLong(self::LONGEST);
        }
        $readings = [];
        $failure = null;
        $ways = array_map(
            static fn(array $tokens): array => [$tokens, []],
            Tongue::of($context->language)->readings($line, array_map(strval(...), array_keys($context->terms))),
        );
        for ($tried = 0; $ways !== [] && $tried < self::MOST_READINGS; $tried++) {
            [$tokens, $way] = array_shift($ways);
            $forks = new Forks($way);
            try {
                $said = self::read(Words::of($line, $tokens), $context, $forks);
                $readings[$said->line()] ??= [$said, $forks];
            } catch (QuickNotReadable $one) {
                $failure = $failure === null || $one->position > $failure->position ? $one : $failure;
            }
            array_push($ways, ...array_map(static fn(array $other): array => [$tokens, $other], $forks->others()));
        }
        $readings = array_values($readings);
        if ($readings === []) {
            throw $failure ?? new \LogicException('A line was neither read nor refused.');
        }

        return count($readings) === 1
            ? $readings[0][0]
            : throw QuickAsks::which($readings[0][1]->asks($readings[1][1]), array_column($readings, 0));
    }

    private static function read(Words $words, Context $context, Forks $forks): Said
    {
        $parts = [];
        do {
            $mark = $words->mark();
            $one = new self(new Reading($words, $context, $forks));
            $one->parts();
            if ($one->said->from !== null) {
                // Dates without a year are those of the repeat, whichever was said first.
                $words->backTo($mark);
                $one = new self(new Reading($words, $context, $forks, $one->said->from));
                $one->parts();
            }
            $parts[] = $one;
        } while ($words->taken(';') && !$words->atEnd());
        $lengths = array_unique(array_filter(array_map(static fn(self $part): ?int => $part->said->minutes, $parts)));
        $blocks = $notes = [];
        foreach ($parts as $part) {
            if ($part->said->minutes === null && count($lengths) === 1) {
                $part->said->minutes = array_values($lengths)[0];
            }
            $made = $part->blocks();
            array_push($blocks, ...$made);
            $none = array_filter(
                array_map(
                    static fn(Block $block): ?Note => NoMeeting::of($block, $context, $part->end->position),
                    $made,
                ),
            );
            array_push($notes, ...array_values($none));
            array_push($notes, ...$part->said->notes, ...$part->dates->notes(), ...$part->clock->notes);
        }

        return new Said(
            $blocks,
            array_values(
                array_combine(array_map(static fn(Note $note): string => (string) $note->message, $notes), $notes),
            ),
        );
    }

    /** Where it ended, for what is missing. */
    private Token $end;

    private function parts(): void
    {
        try {
            while (!$this->words->atEnd() && !$this->words->peek()->is(';')) {
                $this->part();
            }
        } catch (QuickNotReadable $failure) {
            throw $failure->after((string) $this->said);
        }
        $this->end = $this->words->peek();
    }

    /** @return non-empty-list<Block> */
    private function blocks(): array
    {
        $said = $this->said;
        $this->fromTo();
        $missing = match (true) {
            !$said->hasDays() => Message::of('quick.days_missing'),
            !$said->hasHours() => Message::of('quick.hours_missing'),
            $said->minutes === null && $said->whole === null => Message::of('quick.length_missing'),
            default => null,
        };
        try {
            if ($missing !== null) {
                throw QuickNotReadable::at($this->end, $missing);
            }

            return $said->blocks($this->context, $this->end);
        } catch (RecessException $failure) {
            throw ($failure instanceof QuickNotReadable
                ? $failure
                : QuickNotReadable::at($this->end, $failure->says())
            )->after((string) $said);
        }
    }

    /** "from 3 dec to 5 dec" without any days is each of them. */
    private function fromTo(): void
    {
        $said = $this->said;
        [$from, $last] = [$said->from, $said->ending?->until];
        if (
            !$said->hasDays() &&
            $from !== null &&
            $last !== null &&
            $said->every === null &&
            !$last->isBefore($from) &&
            $last->day - $from->day <= self::LONGEST_RUN
        ) {
            $said->addDays([DateRange::of($from, $last)]);
            $said->notes[] = new Note(Message::of('quick.every_day', first: $from, last: $last), $this->end->position);
            $said->from = $said->ending = null;
        }
    }

    private function part(): void
    {
        $words = $this->words;
        match (true) {
            $words->peek()->is('(') && Names::weekday($words->peek(1)->text) !== null => $this->instead(),
            $words->taken(...Names::FILLERS) => null,
            $words->taken('except', 'without', 'ohne', 'excluding', 'not', 'but', 'skip', 'skipping', 'no')
                => $this->leftOut->except(),
            $words->taken('break', 'lunch', 'pause') => ($this->said->pauses = [
                ...$this->said->pauses,
                ...$this->allHours(),
            ]),
            $words->taken('plus', 'also') => $this->leftOut->plus(),
            $words->taken('gap') => $this->amounts->gap(),
            $words->taken('/') => $this->amounts->length($this->lengths->minutes(bare: true)),
            $words->taken('every') => $this->repeats->every(),
            $words->taken('morning', 'mornings') => ($this->clock->half = 'a'),
            $words->taken('afternoon', 'afternoons', 'evening', 'evenings') => ($this->clock->half = 'p'),
            $words->taken('usually') => ($this->said->usual = $this->allHours()),
            $words->taken('fortnightly', 'alternate') => ($this->said->every = 2),
            $words->taken('weekly') => ($this->said->every ??= 1),
            $words->taken('monthly') => ($this->said->every ??= 1),
            $words->taken('daily') => $this->said->addDays(Weekday::cases()),
            $words->taken('weekdays', 'schooldays'), $words->phrase('school days') => $this->said->addDays(
                array_slice(Weekday::cases(), 0, 5),
            ),
            $words->taken('weekend', 'weekends') => $this->said->addDays([Weekday::Saturday, Weekday::Sunday]),
            $words->taken('forever', 'endless', 'endlessly') => ($this->said->ending = Ending::never()),
            $words->taken('from', 'starting', 'beginning', 'since', 'between') => $this->periods->from(),
            $words->taken('until', 'till', 'til', 'through', 'thru') => $this->periods->until(),
            $words->taken('to') => $this->periods->until(),
            $words->taken('for') => $this->periods->for(),
            $words->taken('in', 'during', 'all') => $this->periods->in(),
            $words->taken('this') => $this->periods->soon(0),
            $words->taken('next') => $this->periods->soon(1),
            default => $this->unnamed(),
        };
    }

    /** What says by itself what it is: dates, hours, a length, days. */
    private function unnamed(): void
    {
        $words = $this->words;
        $token = $words->peek();
        $ranges = $this->dates->ranges();
        if ($ranges !== null) {
            $this->said->addDays($ranges);
            // "3 december (thursday)"
            if ($ranges[0]->first->weekday() === Names::weekday($words->peek($words->peek()->is('(') ? 1 : 0)->text)) {
                $words->taken('(');
                $words->weekday();
            }

            return;
        }
        $hours = $this->clock->hours();
        if ($hours !== null) {
            $this->said->addHours($hours);

            return;
        }
        if ($this->lasts()) {
            return;
        }
        $times = Names::count($token->text);
        if ($times !== null && $words->peek(1)->is('times', 'time', 'x', 'weeks')) {
            $words->take();
            $words->take()->is('weeks')
                ? $this->amounts->lasting($times, $token)
                : $this->amounts->times($times, $token);

            return;
        }
        $minutes = $this->lengths->minutes();
        if ($minutes !== null) {
            $words->taken('of');
            $words->taken('gap', 'apart', 'between', 'break', 'pause')
                ? ($this->said->gap = $minutes)
                : $this->amounts->length($minutes);

            return;
        }
        $days = $this->days->weekdays();
        if ($days !== []) {
            $this->said->addDays($days);
        } elseif (Names::ordinal($token->text) !== null) {
            $this->said->addDays($this->days->monthDays());
        } elseif (($term = $this->dates->term()) !== null) {
            $this->periods->inTerm($term);
        } else {
            $this->notUnderstood($token);
        }
    }

    /** "at 4 pm for half an hour": a stretch by its start and how long it lasts, one meeting if no length is said. */
    private function lasts(): bool
    {
        $words = $this->words;
        [$mark, $notes] = [$words->mark(), $this->clock->notes];
        // A bare number is a time after “at” alone.
        $at = $mark > 0 && $words->tokenAt($mark - 1)->is('at');
        $start = $at || $this->clock->lone() ? $this->clock->start() : null;
        $minutes = $start !== null && $words->taken('for') ? $this->lengths->minutes() : null;
        if ($start === null || $minutes === null) {
            $words->backTo($mark);
            $this->clock->notes = $notes;

            return false;
        }
        $this->said->addHours(
            QuickNotReadable::unless($words->tokenAt($mark), static fn(): Hours => Hours::lasting($start, $minutes)),
        );
        $this->said->whole = $minutes;

        return true;
    }

    /** "(thursday from 13:00 to 14:10)": other hours on that day, as our own sentences have it. */
    private function instead(): void
    {
        $this->words->take();
        $days = $this->days->weekdays();
        foreach ($this->words->peek()->is(')') ? [] : $days as $day) {
            $mark = $this->words->mark();
            $this->said->instead[$day->value] = $this->allHours();
            $day === $days[count($days) - 1] || $this->words->backTo($mark);
        }
        $this->words->taken(')');
    }

    private function notUnderstood(Token $token): never
    {
        if ($this->clock->lone()) {
            throw QuickNotReadable::at($token, Message::of('quick.no_end', typed: $token->typed()));
        }
        if ($token->is('biweekly', 'bi')) {
            throw QuickNotReadable::at($token, Message::of('quick.biweekly', typed: $token->typed()));
        }
        $nearest =
            Tongue::of($this->context->language)->nearest($token->typed()) ??
            Names::nearest($token->text, array_keys($this->context->terms));
        throw QuickNotReadable::at(
            $token,
            match (true) {
                $nearest !== null => self::strange('nearest', $token, $nearest),
                $token->number() !== null => self::strange('number', $token),
                !$this->said->hasDays() => self::strange('days', $token),
                !$this->said->hasHours() => self::strange('hours', $token),
                $this->said->minutes === null => self::strange('length', $token),
                default => self::strange('end', $token),
            },
        );
    }

    /** @param  string  $could  what could stand there */
    private static function strange(string $could, Token $token, string $nearest = ''): Message
    {
        return Message::of(
            'quick.not_understood',
            typed: $token->typed(),
            at: $token->text === '' ? 'end' : 'word',
            could: $could,
            nearest: $nearest,
        );
    }

    /** @return list<Hours> */
    private function allHours(): array
    {
        $all = [];
        $mark = $this->words->mark();
        while (($hours = $this->clock->hours()) !== null) {
            $all[] = $hours;
            $mark = $this->words->mark();
            $this->words->taken(',', 'and');
        }

        if ($all === []) {
            throw QuickNotReadable::at($this->words->peek(), Message::of('quick.hours_needed'));
        }
        // A comma that no time follows belongs to whatever comes next.
        $this->words->backTo($mark);

        return $all;
    }
}
