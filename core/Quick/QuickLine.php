<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\RecessException;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Slots\Block;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/**
 * Reads blocks as they are typed: "tue thu 10:25-11:35 /15 gap 5 until 28 may". The grammar is docs/formats/quick-line.md.
 *
 * Nothing is guessed in silence: what was filled in is a note, what can be read in two ways is asked.
 */
final class QuickLine
{
    private const LONGEST = 1000;

    /** Readings tried of one line. */
    private const MOST_READINGS = 32;

    /** A first day without a year that lies no further back, in days, is this year's. */
    private const JUST_PASSED = 183;

    /** Days in a row that are taken for dates where no weekday is said. */
    private const LONGEST_RUN = 370;

    private Gathered $said;

    private readonly DateWords $dates;

    private readonly ClockWords $clock;

    private readonly LengthWords $lengths;

    private function __construct(private readonly Words $words, private readonly Context $context, private readonly Forks $forks, private readonly ?LocalDate $from = null)
    {
        $this->said = new Gathered;
        $this->dates = new DateWords($words, $context, $forks, $context->today);
        $this->clock = new ClockWords($words);
        $this->lengths = new LengthWords($words);
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
        $ways = [[]];
        for ($tried = 0; $ways !== [] && $tried < self::MOST_READINGS; $tried++) {
            $forks = new Forks(array_shift($ways));
            try {
                $said = self::read($line, $context, $forks);
                $readings[$said->line()] ??= [$said, $forks];
            } catch (QuickNotReadable $one) {
                $failure = $failure === null || $one->position > $failure->position ? $one : $failure;
            }
            array_push($ways, ...$forks->others());
        }
        $readings = array_values($readings);
        if ($readings === []) {
            throw $failure ?? new \LogicException('A line was neither read nor refused.');
        }

        return count($readings) === 1 ? $readings[0][0] : throw QuickAsks::which($readings[0][1]->asks($readings[1][1]), array_column($readings, 0));
    }

    private static function read(string $line, Context $context, Forks $forks): Said
    {
        $words = Words::of($line);
        $parts = [];
        do {
            $mark = $words->mark();
            $one = new self($words, $context, $forks);
            $one->parts();
            if ($one->said->from !== null) {
                // Dates without a year are those of the repeat, whichever was said first.
                $words->backTo($mark);
                $one = new self($words, $context, $forks, $one->said->from);
                $one->parts();
            }
            $parts[] = $one;
        } while ($words->taken(';') && ! $words->atEnd());
        $lengths = array_unique(array_filter(array_map(static fn (self $part): ?int => $part->said->minutes, $parts)));
        $blocks = $notes = [];
        foreach ($parts as $part) {
            if ($part->said->minutes === null && count($lengths) === 1) {
                $part->said->minutes = array_values($lengths)[0];
            }
            array_push($blocks, ...$part->blocks());
            array_push($notes, ...$part->said->notes, ...$part->dates->notes, ...$part->clock->notes);
        }

        return new Said($blocks, array_values(array_combine(array_map(static fn (Note $note): string => $note->message, $notes), $notes)));
    }

    /** Where it ended, for what is missing. */
    private Token $end;

    private function parts(): void
    {
        try {
            while (! $this->words->atEnd() && ! $this->words->peek()->is(';')) {
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
            ! $said->hasDays() => 'It does not say on which days. Write them, such as tue thu or 3 dec.',
            ! $said->hasHours() => 'It does not say from when until when. Write it, such as 10:25-11:35.',
            $said->minutes === null && $said->whole === null => 'It does not say how long a meeting is. Write it, such as /15.',
            default => null,
        };
        try {
            if ($missing !== null) {
                throw QuickNotReadable::at($this->end, $missing);
            }

            return $said->blocks($this->context, $this->end);
        } catch (RecessException $failure) {
            throw ($failure instanceof QuickNotReadable ? $failure : QuickNotReadable::at($this->end, $failure->getMessage()))->after((string) $said);
        }
    }

    /** "from 3 dec to 5 dec" without any days is each of them. */
    private function fromTo(): void
    {
        $said = $this->said;
        [$from, $last] = [$said->from, $said->ending?->until];
        if (! $said->hasDays() && $from !== null && $last !== null && $said->every === null && ! $last->isBefore($from) && $last->day - $from->day <= self::LONGEST_RUN) {
            $said->addDays([DateRange::of($from, $last)]);
            $said->notes[] = new Note(sprintf('Every day from %s to %s.', DateWords::said($from), DateWords::said($last)), $this->end->position);
            $said->from = $said->ending = null;
        }
    }

    private function part(): void
    {
        $words = $this->words;
        match (true) {
            $words->peek()->is('(') && Names::weekday($words->peek(1)->text) !== null => $this->instead(),
            $words->taken(...Names::FILLERS) => null,
            $words->taken('except', 'without', 'excluding', 'not', 'but', 'skip', 'skipping', 'no') => $this->except(),
            $words->taken('plus', 'also') => $this->plus(),
            $words->taken('gap') => $this->gap(),
            $words->taken('/') => $this->length($this->lengths->minutes(bare: true)),
            $words->taken('every') => $this->every(),
            $words->taken('morning', 'mornings') => $this->clock->half = 'a',
            $words->taken('afternoon', 'afternoons', 'evening', 'evenings') => $this->clock->half = 'p',
            $words->taken('usually') => $this->said->usual = $this->allHours(),
            $words->taken('fortnightly', 'alternate') => $this->said->every = 2,
            $words->taken('weekly') => $this->said->every ??= 1,
            $words->taken('monthly') => $this->said->every ??= 1,
            $words->taken('daily') => $this->said->addDays(Weekday::cases()),
            $words->taken('weekdays', 'schooldays'), $words->phrase('school days') => $this->said->addDays(array_slice(Weekday::cases(), 0, 5)),
            $words->taken('weekend', 'weekends') => $this->said->addDays([Weekday::Saturday, Weekday::Sunday]),
            $words->taken('forever', 'endless', 'endlessly') => $this->said->ending = Ending::never(),
            $words->taken('from', 'starting', 'beginning', 'since', 'between') => $this->from(),
            $words->taken('until', 'till', 'til', 'through', 'thru') => $this->until(),
            $words->taken('to') => $this->until(),
            $words->taken('for') => $this->for(),
            $words->taken('in', 'during', 'all') => $this->in(),
            $words->taken('this') => $this->soon(0),
            $words->taken('next') => $this->soon(1),
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
            $words->take()->is('weeks') ? $this->lasting($times, $token) : $this->times($times, $token);

            return;
        }
        $minutes = $this->lengths->minutes();
        if ($minutes !== null) {
            $words->taken('of');
            $words->taken('gap', 'apart', 'between', 'break', 'pause') ? $this->said->gap = $minutes : $this->length($minutes);

            return;
        }
        $days = $this->weekdays();
        if ($days !== []) {
            $this->said->addDays($days);
        } elseif (Names::ordinal($token->text) !== null) {
            $this->said->addDays($this->monthDays());
        } elseif (($term = $this->dates->term()) !== null) {
            $this->inTerm($term);
        } else {
            $this->notUnderstood($token);
        }
    }

    /** "at 4 pm for half an hour": a stretch by its start and how long it lasts, one meeting if no length is said. */
    private function lasts(): bool
    {
        $words = $this->words;
        [$mark, $notes] = [$words->mark(), $this->clock->notes];
        $start = $this->clock->lone() ? $this->clock->start() : null;
        $minutes = $start !== null && $words->taken('for') ? $this->lengths->minutes() : null;
        if ($start === null || $minutes === null) {
            $words->backTo($mark);
            $this->clock->notes = $notes;

            return false;
        }
        $this->said->addHours(QuickNotReadable::unless($words->tokenAt($mark), static fn (): Hours => Hours::lasting($start, $minutes)));
        $this->said->whole = $minutes;

        return true;
    }

    /** "(thursday from 13:00 to 14:10)": other hours on that day, as our own sentences have it. */
    private function instead(): void
    {
        $this->words->take();
        $days = $this->weekdays();
        foreach ($this->words->peek()->is(')') ? [] : $days as $day) {
            $mark = $this->words->mark();
            $this->said->instead[$day->value] = $this->allHours();
            $day === $days[count($days) - 1] || $this->words->backTo($mark);
        }
        $this->words->taken(')');
    }

    private function notUnderstood(Token $token): never
    {
        $shown = $token->text === '' ? 'The end of the line' : sprintf('“%s”', $token->text);
        if ($this->clock->lone()) {
            throw QuickNotReadable::at($token, sprintf('%s is a time with no end to it. Write from when until when, such as %s-17:00.', $shown, $token->text));
        }
        if ($token->is('biweekly', 'bi')) {
            throw QuickNotReadable::at($token, sprintf('%s can be every two weeks or twice a week. Write every 2 weeks, or name both days.', $shown));
        }
        $nearest = Names::nearest($token->text, array_keys($this->context->terms));
        throw QuickNotReadable::at($token, match (true) {
            $nearest !== null => sprintf('%s is not understood. Is “%s” meant?', $shown, $nearest),
            $token->number() !== null => sprintf('%s alone is not understood. For a length, write /%s.', $shown, $token->text),
            ! $this->said->hasDays() => sprintf('%s is not understood. Days could stand here, such as tue thu or 3 dec.', $shown),
            ! $this->said->hasHours() => sprintf('%s is not understood. Times could stand here, such as 10:25-11:35.', $shown),
            $this->said->minutes === null => sprintf('%s is not understood. A length could stand here, such as /15.', $shown),
            default => sprintf('%s is not understood. The line could end here, or with until 28 may.', $shown),
        });
    }

    /** @return list<Weekday> one, or from one to another: mon-fri */
    private function weekdays(): array
    {
        $first = $this->words->weekday();
        if ($first === null) {
            return [];
        }
        $mark = $this->words->mark();
        $last = $this->words->taken('-', 'to', 'through', 'until') ? $this->words->weekday() : null;
        if ($last === null) {
            $this->words->backTo($mark);
            // tue/thu
            $this->words->peek()->is('/') && Names::weekday($this->words->peek(1)->text) !== null && $this->words->take();

            return [$first];
        }
        $days = [];
        for ($day = $first->value; ; $day = $day % 7 + 1) {
            $days[] = Weekday::from($day);
            if ($day === $last->value) {
                return $days;
            }
        }
    }

    /** @return list<MonthDay> "first and third monday", "15th", "last day", "2nd & 4th tue of the month" */
    private function monthDays(): array
    {
        $words = $this->words;
        $token = $words->peek();
        $numbers = [];
        for ($mark = $words->mark(); ($number = Names::ordinal($words->peek()->text)) !== null;) {
            $words->take();
            // "2nd last fri"
            $numbers[] = $number > 1 && $words->taken('last') ? -$number : $number;
            $mark = $words->mark();
            while ($words->taken(',', 'and', '&', '+', '/', 'the')) {
            }
        }
        $words->backTo($mark);
        $weekdays = [];
        while (($day = $words->weekday()) !== null) {
            $weekdays[] = $day;
            $mark = $words->mark();
            while ($words->taken(',', 'and', '&', '/')) {
            }
        }
        $words->backTo($mark);
        $weekdays === [] && $words->taken('day', 'days');
        foreach (['of the month', 'of every month', 'of each month', 'every month', 'each month', 'in the month', 'of month'] as $phrase) {
            $words->phrase($phrase);
        }
        $days = [];
        foreach ($numbers as $number) {
            foreach ($weekdays === [] ? [null] : $weekdays as $day) {
                $days[] = QuickNotReadable::unless($token, static fn (): MonthDay => $day === null ? MonthDay::date($number) : MonthDay::nth($number, $day));
            }
        }

        return $days;
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
            throw QuickNotReadable::at($this->words->peek(), 'Times are needed here, such as 10:25-11:35.');
        }
        // A comma that no time follows belongs to whatever comes next.
        $this->words->backTo($mark);

        return $all;
    }

    /** "every tue", "every other tue", "every 2 weeks", "every 10 minutes", "every day", "every first monday". */
    private function every(): void
    {
        $words = $this->words;
        $mark = $words->mark();
        if ($words->taken('day')) {
            $this->said->addDays(Weekday::cases());

            return;
        }
        if ($words->phrase('school day') || $words->taken('weekday')) {
            $this->said->addDays(array_slice(Weekday::cases(), 0, 5));

            return;
        }
        $step = $this->lengths->minutes();
        if ($step !== null) {
            $this->step($step, $words->tokenAt($mark));

            return;
        }
        $token = $words->peek();
        $ordinal = Names::ordinal($token->text);
        $number = $words->taken('other', 'second') ? 2 : ($ordinal ?? Names::count($token->text));
        if ($number !== null && ! $words->tokenAt($words->mark() - 1)->is('other', 'second')) {
            $words->take();
        }
        if ($words->taken('week', 'weeks', 'month', 'months')) {
            $this->said->every = $number ?? 1;
        } elseif ($ordinal !== null && ($this->everyOfMonth($mark) || $ordinal < 2)) {
            $words->backTo($mark);
            $this->said->addDays($this->monthDays());
        } elseif ($number === null && (Names::weekday($words->peek()->text) !== null || Names::ordinal($words->peek()->text) !== null)) {
            return;
        } elseif ($number !== null && Names::weekday($words->peek()->text) !== null) {
            $this->everyOther($number, $ordinal !== null && ! $token->is('other'), $mark);
        } elseif ($words->peek()->is('day', 'days') && $number !== null) {
            throw QuickNotReadable::at($token, sprintf('Every %d days cannot be said. Name the days of the week, such as every mon wed fri.', $number));
        } else {
            throw QuickNotReadable::at($words->peek(), 'Every what? It could be 2 weeks, other tue, day or 15 minutes.');
        }
    }

    /** "every 2nd tue" is every other week; the second one of each month is one press away. */
    private function everyOther(int $weeks, bool $ordinal, int $mark): void
    {
        $words = $this->words;
        $this->said->every = $weeks;
        if ($ordinal) {
            $which = $words->tokenAt($mark)->text;
            $day = Names::weekday($words->peek()->text)->name ?? '';
            $this->said->notes[] = new Note(sprintf('Every %s %s was read as every %d weeks.', $which, $day, $weeks), $words->tokenAt($mark)->position, $words->instead($mark - 1, $which), sprintf('the %s %s of each month', $which, $day));
        }
    }

    /** Whether several ordinals, a date of the month or "of the month" follow: then it is the month's. */
    private function everyOfMonth(int $mark): bool
    {
        $words = $this->words;
        $after = $words->mark();
        $words->backTo($mark);
        $days = $this->monthDays();
        $found = count($days) > 1 && $days[0]->number !== $days[1]->number || ($days[0]->weekday ?? null) === null
            || $words->tokenAt($words->mark() - 1)->is('month');
        $words->backTo($after);

        return $found;
    }

    private function step(int $step, Token $token): void
    {
        if ($this->said->minutes === null) {
            $this->said->minutes = $step;
        } elseif ($step < $this->said->minutes) {
            throw QuickNotReadable::at($token, sprintf('Meetings of %d minutes cannot begin every %d minutes.', $this->said->minutes, $step));
        }
        $this->said->step = $step;
    }

    private function length(?int $minutes): void
    {
        $token = $this->words->peek();
        if ($minutes === null) {
            throw QuickNotReadable::at($token, 'Minutes are needed here, such as /15.');
        }
        if ($this->said->minutes !== null && $this->said->minutes !== $this->said->step) {
            throw QuickNotReadable::at($this->words->tokenAt($this->words->mark() - 1), 'The length of a meeting is said twice.');
        }
        $this->said->minutes = $minutes;
    }

    private function gap(): void
    {
        $this->words->taken('of');
        $this->said->gap = $this->lengths->minutes(bare: true) ?? throw QuickNotReadable::at($this->words->peek(), 'A number of minutes is needed here, such as gap 5.');
    }

    private function times(int $times, Token $token): void
    {
        $this->said->ending = QuickNotReadable::unless($token, static fn (): Ending => Ending::times($times));
    }

    private function from(): void
    {
        $words = $this->words;
        $words->taken('from', 'on');
        $hours = $this->clock->hours();
        if ($hours !== null) {
            $this->said->addHours($hours);

            return;
        }
        $token = $words->peek();
        $term = $this->dates->term();
        if ($term !== null) {
            $this->said->from = $term->first;

            return;
        }
        $month = Names::month($token->text);
        if ($month !== null && Names::dayNumber($words->peek(1)->text) === null) {
            $words->take();
            $this->said->from = $this->monthAt($month)->first;

            return;
        }
        $mark = $words->mark();
        $words->taken('next', 'this');
        $day = $words->weekday();
        if ($day !== null && $this->dates->date() === null) {
            $this->said->from = self::onOrAfter($day, $this->context->today->plusDays(1));

            return;
        }
        $words->backTo($mark);
        $this->said->from = $this->closest($this->dates->one(), $mark);
    }

    /** A first day that has only just gone by is this year's, and that is said. */
    private function closest(LocalDate $date, int $mark): LocalDate
    {
        [$year, $month, $day] = $date->parts();
        $passed = $year > 1 && checkdate($month, $day, $year - 1) ? LocalDate::of($year - 1, $month, $day) : null;
        $typed = $this->words->since($mark);
        if ($passed === null || preg_match('/\d{4}|today|tomorrow/', $typed) === 1 || ! $passed->isBefore($this->context->today) || $this->context->today->day - $passed->day > self::JUST_PASSED) {
            return $date;
        }
        $this->dates->notes = [];
        $this->said->notes[] = new Note(sprintf('The first day was read as %s.', DateWords::said($passed)), $this->words->tokenAt($mark)->position, $this->words->instead($mark, (string) $date), DateWords::said($date));

        return $passed;
    }

    private static function onOrAfter(Weekday $day, LocalDate $date): LocalDate
    {
        return $date->plusDays(($day->value - $date->weekday()->value + 7) % 7);
    }

    private function until(): void
    {
        $words = $this->words;
        $token = $words->peek();
        $mark = $words->mark();
        $words->taken('the');
        $end = $words->phrase('end of') || $words->phrase('end of the');
        $words->taken('the');
        $term = $this->dates->term() ?? ($words->taken('term') ? $this->context->termAt($this->from ?? $this->context->today) : null);
        if ($term !== null) {
            $this->said->ending = Ending::until($term->last);

            return;
        }
        $dates = $this->dates->countingFrom($this->from?->isAfter($this->context->today) === true ? $this->from : $this->context->today);
        $month = Names::month($words->peek()->text);
        if ($month !== null && Names::dayNumber($words->peek(1)->text) === null) {
            $words->take();
            $this->untilMonth($month, $end, $mark);

            return;
        }
        if ($end) {
            throw QuickNotReadable::at($words->peek(), 'The end of what? It could be may, or a term of the school.');
        }
        $this->said->ending = Ending::until($dates->date() ?? $this->dates->one());
        $token->text === '' && throw QuickNotReadable::at($token, 'A date is needed here, such as 28 may.');
    }

    /** "until may": to the end of it, which is said. */
    private function untilMonth(int $month, bool $end, int $mark): void
    {
        $words = $this->words;
        $today = $this->from?->isAfter($this->context->today) === true ? $this->from : $this->context->today;
        $range = $this->monthAt($month, $today);
        $first = LocalDate::fromDay($range->last->day - $range->last->parts()[2] + 1);
        $last = $range->last;
        $before = $first->plusDays(-1);
        $this->said->ending = Ending::until($last);
        $end || $before->isBefore($today) || $this->said->notes[] = new Note(sprintf('Until %s was read as until %s.', Names::monthName($month), DateWords::said($last)), $words->tokenAt($mark)->position, $words->instead($mark, (string) $before), 'until '.DateWords::said($before));
    }

    /** "for ever", "for 10 weeks", "for 15 minutes" */
    private function for(): void
    {
        $token = $this->words->peek();
        if ($this->words->taken('ever')) {
            $this->said->ending = Ending::never();

            return;
        }
        $count = Names::count($token->text);
        if ($count !== null && $this->words->peek(1)->is('times', 'weeks', 'week')) {
            $this->words->take();
            $this->words->take()->is('times') ? $this->times($count, $token) : $this->lasting($count, $token);

            return;
        }
        $this->length($this->lengths->minutes());
    }

    private function lasting(int $weeks, Token $token): void
    {
        if ($weeks < 1 || $weeks > 520) {
            throw QuickNotReadable::at($token, 'It can go on for 1 to 520 weeks.');
        }
        $this->said->ending = Ending::until(($this->said->from ?? $this->from ?? $this->context->today)->plusDays(7 * $weeks - 1));
    }

    /** "in autumn term", "in december", "in 15-minute meetings" */
    private function in(): void
    {
        $words = $this->words;
        $token = $words->peek();
        $words->taken('the');
        $term = $this->dates->term() ?? ($words->taken('term') ? $this->context->termAt($this->context->today) : null);
        if ($term !== null) {
            $this->inTerm($term);

            return;
        }
        $month = Names::month($words->peek()->text);
        if ($month !== null) {
            $words->take();
            $this->inTerm($this->monthAt($month));

            return;
        }
        $minutes = $this->lengths->minutes();
        if ($minutes !== null) {
            $this->length($minutes);

            return;
        }
        $known = array_keys($this->context->terms);
        $nearest = Names::nearest($token->text, $known) ?? $known[0] ?? null;
        throw QuickNotReadable::at($token, 'No term of that name is known.'.($nearest === null ? '' : sprintf(' Is “%s” meant?', $nearest)));
    }

    /** The month of that name that is under way or comes next, or that of the year that follows; from today on. */
    private function monthAt(int $month, ?LocalDate $from = null): DateRange
    {
        $from ??= $this->context->today;
        $year = preg_match('/^(?:19|20|21)\d{2}$/D', $this->words->peek()->text) === 1 ? (int) $this->words->take()->text : $from->parts()[0] + ($month < $from->parts()[1] ? 1 : 0);
        $first = LocalDate::of($year, $month, 1);
        $last = LocalDate::of($month === 12 ? $year + 1 : $year, $month % 12 + 1, 1)->plusDays(-1);

        return DateRange::of($first->isBefore($from) && ! $last->isBefore($from) ? $from : $first, $last);
    }

    private function inTerm(DateRange $term): void
    {
        $this->said->from = $term->first;
        $this->said->ending = Ending::until($term->last);
    }

    /** "next tuesday", "this friday", "next week", "this term" */
    private function soon(int $next): void
    {
        $words = $this->words;
        $today = $this->context->today;
        $token = $words->peek();
        $monday = $today->plusDays(1 - $today->weekday()->value);
        if ($words->taken('week')) {
            $this->inTerm($next === 1 ? DateRange::of($monday->plusDays(7), $monday->plusDays(13)) : DateRange::of($today, $monday->plusDays(6)));

            return;
        }
        if ($words->taken('term')) {
            $term = $this->context->termAt($today);
            $term = $term !== null && $next === 1 && ! $term->first->isAfter($today) ? $this->context->termAt($term->last->plusDays(1)) : $term;
            $this->inTerm($term ?? throw QuickNotReadable::at($token, 'The school has no such term. Write until and a date.'));

            return;
        }
        do {
            $mark = $words->mark();
            $token = $words->peek();
            $day = $words->weekday() ?? throw QuickNotReadable::at($token, 'A weekday, week or term could stand here, such as next tuesday.');
            $this->soonOn($day, $next, $mark);
            $more = $words->peek()->is(',', 'and', '&') && Names::weekday($words->peek(1)->text) !== null;
            $more && $words->take();
        } while ($more);
    }

    private function soonOn(Weekday $day, int $next, int $mark): void
    {
        $today = $this->context->today;
        $date = self::onOrAfter($day, $today->plusDays($next));
        $this->said->addDays([DateRange::day($date)]);
        if ($next === 0) {
            return;
        }
        $position = $this->words->tokenAt($mark)->position;
        $other = $date->plusDays(7);
        $sameWeek = $date->day <= $today->day + 7 - $today->weekday()->value;
        $this->said->notes[] = $sameWeek
            ? new Note(sprintf('Next %s was read as %s.', $day->name, DateWords::said($date)), $position, $this->words->instead($this->words->tokenAt($mark - 1)->is('next') ? $mark - 1 : $mark, (string) $other), DateWords::said($other))
            : new Note(sprintf('Next %s is %s.', $day->name, DateWords::said($date)), $position);
    }

    private function except(): void
    {
        $words = $this->words;
        while ($words->taken('except', 'not', 'on', 'in', 'the', 'during', 'for', 'from', ',')) {
        }
        $ended = $words->tokenAt($words->mark() - 1)->is('without', 'no');
        if ($ended && ($words->phrase('an end') || $words->taken('end'))) {
            $this->said->ending = Ending::never();

            return;
        }
        if ($ended && $words->taken('gap', 'gaps', 'break', 'breaks')) {
            $this->said->gap = 0;

            return;
        }
        $token = $words->peek();
        if ($words->phrase('school holidays') || $words->phrase('public holidays') || $words->phrase('bank holidays') || $words->phrase('closed days') || $words->taken('holidays', 'holiday', 'vacation', 'vacations')) {
            $this->said->notes[] = new Note('The school’s closed days fall out by themselves.', $token->position);

            return;
        }
        $dates = $this->dates->countingFrom($this->from?->isBefore($this->context->today) === true ? $this->from : $this->context->today);
        $ranges = $dates->ranges();
        if ($ranges !== null) {
            $this->said->except = $this->said->except->with(Dates::of(...$ranges));

            return;
        }
        $days = [];
        while (($some = $this->weekdays()) !== []) {
            array_push($days, ...$some);
            $words->peek()->is(',', 'and', '&') && Names::weekday($words->peek(1)->text) !== null && $words->take();
        }
        $days === [] ? $dates->someRanges() : $this->said->leaveOut($days);
    }

    private function plus(): void
    {
        $this->words->taken('on');
        array_push($this->said->plus, ...array_merge(...array_map(static fn (DateRange $range): array => $range->dates(), $this->dates->someRanges())));
    }
}
