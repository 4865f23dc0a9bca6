<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Message;
use Recess\RecessException;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\Repeating;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/** What one part of a quick line has said so far, and the blocks that come of it. */
final class Gathered
{
    /** Dates that lie further ahead than this are not looked at for what takes place. */
    private const FAR = 20_000;

    /** @var list<array{non-empty-list<Weekday|MonthDay|DateRange>, true}|array{non-empty-list<Hours>, false}> days and hours as they were said, turn about */
    private array $runs = [];

    /** @var array<int, list<Hours>> on days of the week, in place of what else is said of them; by ISO number */
    public array $instead = [];

    /** @var list<Hours> on the days that have none of their own */
    public array $usual = [];

    /** @var list<Hours> within each day, when nobody is met */
    public array $pauses = [];

    public ?int $minutes = null;

    public ?int $gap = null;

    /** How long a stretch lasts that was said by its start and length: one meeting, if nothing else says how long. */
    public ?int $whole = null;

    /** Weeks or months. */
    public ?int $every = null;

    /** How far apart meetings begin, where that was said: "every 15 minutes". */
    public ?int $step = null;

    public ?LocalDate $from = null;

    public ?Ending $ending = null;

    public Dates $except;

    /** @var list<LocalDate> */
    public array $plus = [];

    /** @var list<Note> */
    public array $notes = [];

    public function __construct()
    {
        $this->except = Dates::none();
    }

    /** @param  list<Weekday|MonthDay|DateRange>  $days */
    public function addDays(array $days): void
    {
        $last = count($this->runs) - 1;
        if ($last >= 0 && $this->runs[$last][1]) {
            $this->runs[$last] = [[...$this->runs[$last][0], ...$days], true];
        } elseif ($days !== []) {
            $this->runs[] = [$days, true];
        }
    }

    public function addHours(Hours $hours): void
    {
        $last = count($this->runs) - 1;
        if ($last >= 0 && !$this->runs[$last][1]) {
            $this->runs[$last] = [[...$this->runs[$last][0], $hours], false];
        } else {
            $this->runs[] = [[$hours], false];
        }
    }

    /** @param  list<Weekday>  $days */
    public function leaveOut(array $days): void
    {
        foreach ($this->runs as $i => [$run, $isDays]) {
            $left = !$isDays
                ? []
                : array_values(
                    array_filter(
                        $run,
                        static fn($one): bool => !($one instanceof Weekday) || !in_array($one, $days, true),
                    ),
                );
            if ($left !== []) {
                $this->runs[$i] = [$left, true];
            }
        }
    }

    public function hasDays(): bool
    {
        return $this->days() !== [];
    }

    public function hasHours(): bool
    {
        return $this->usual !== [] || $this->hours() !== [];
    }

    /** @return list<non-empty-list<Weekday|MonthDay|DateRange>> */
    private function days(): array
    {
        $days = [];
        foreach ($this->runs as $run) {
            if ($run[1]) {
                $days[] = $run[0];
            }
        }

        return $days;
    }

    /** @return list<non-empty-list<Hours>> */
    private function hours(): array
    {
        $hours = [];
        foreach ($this->runs as $run) {
            if (!$run[1]) {
                $hours[] = $run[0];
            }
        }

        return $hours;
    }

    /** The only date that was said, with nothing beside it. */
    private function onlyDate(): ?LocalDate
    {
        $days = array_merge(...$this->days());

        return count($days) === 1 && $days[0] instanceof DateRange && $days[0]->first->equals($days[0]->last)
            ? $days[0]->first
            : null;
    }

    /** As a quick line: what is shown when the rest cannot be read. */
    public function __toString(): string
    {
        $words = array_map(
            static fn(array $run): string => implode(
                ' ',
                array_map(
                    static fn(Weekday|MonthDay|DateRange|Hours $one): string => match (true) {
                        $one instanceof Weekday => strtolower(substr($one->name, 0, 3)),
                        $one instanceof MonthDay => QuickPrint::monthDay($one),
                        $one instanceof DateRange && !$one->first->equals($one->last) => "$one->first - $one->last",
                        $one instanceof DateRange => (string) $one->first,
                        default => (string) $one,
                    },
                    $run[0],
                ),
            ),
            $this->runs,
        );
        array_push(
            $words,
            $this->minutes === null ? '' : "/$this->minutes",
            $this->gap === null ? '' : "gap $this->gap",
            ($this->every ?? 1) === 1 ? '' : "every $this->every weeks",
            $this->from === null ? '' : "from $this->from",
            $this->ending?->until === null ? '' : "until {$this->ending->until}",
            $this->ending?->times === null ? '' : "{$this->ending->times} times",
        );

        return implode(' ', array_filter($words, static fn(string $word): bool => $word !== ''));
    }

    /**
     * @return non-empty-list<Block>
     *
     * @throws RecessException
     */
    public function blocks(Context $context, Token $end): array
    {
        $byHours = [];
        foreach ($this->pairs($end) as [$days, $hours]) {
            $kind = $this->kind($days, $end);
            $key = $kind === Weekly::class ? $kind : $kind . implode(',', $hours);
            $byHours[$key] ??= [$kind, []];
            $byHours[$key][1][] = [$days, $hours];
        }
        $this->checkEnding($byHours, $end);
        $blocks = [];
        foreach ($byHours as [$kind, $pairs]) {
            $blocks[] = $this->block($kind, $pairs, $context, $end, $blocks === []);
        }
        if ($blocks === []) {
            throw QuickNotReadable::at($end, Message::of('quick.no_days'));
        }

        return $blocks;
    }

    /**
     * Which hours belong to which days: those said after them, or those before them where a line begins with hours.
     *
     * @return list<array{non-empty-list<Weekday|MonthDay|DateRange>, list<Hours>}>
     */
    private function pairs(Token $end): array
    {
        [$days, $hours] = [$this->days(), $this->hours()];
        if (count($hours) > count($days)) {
            throw QuickNotReadable::at($end, Message::of('quick.whose_times'));
        }
        $pairs = [];
        foreach ($days as $i => $some) {
            $own = $hours[$i] ?? [];
            if ($own === [] && $this->usual === [] && $hours !== []) {
                $own = $hours[$i - 1] ?? $hours[0];
                $this->notes[] = new Note(Message::of('quick.times_of_those_before'), $end->position);
            }
            $pairs[] = [$some, $this->withoutPauses($own === [] ? $this->usual : $own, $end)];
        }

        return $pairs;
    }

    /**
     * @param  list<Hours>  $hours
     * @return list<Hours>
     */
    private function withoutPauses(array $hours, Token $end): array
    {
        foreach ($this->pauses as $pause) {
            [$from, $until] = [$pause->from->minute, $pause->from->minute + $pause->minutes];
            $parts = [];
            foreach ($hours as $one) {
                [$start, $last] = [$one->from->minute, $one->from->minute + $one->minutes];
                $parts = [
                    ...$parts,
                    ...$start < min($from, $last) ? [Hours::lasting($one->from, min($from, $last) - $start)] : [],
                    ...$last > max($until, $start)
                        ? [Hours::lasting(LocalTime::ofMinute(max($until, $start)), $last - max($until, $start))]
                        : [],
                ];
            }
            if ($parts == $hours) {
                throw QuickNotReadable::at($end, Message::of('quick.pause_outside', pause: $pause));
            }
            $hours = $parts;
        }
        if ($hours === [] && $this->pauses !== []) {
            throw QuickNotReadable::at($end, Message::of('quick.pause_of_all'));
        }

        return $hours;
    }

    /** @param  list<Weekday|MonthDay|DateRange>  $days */
    private function kind(array $days, Token $end): string
    {
        $kinds = array_values(
            array_unique(
                array_map(
                    static fn($one): string => match (true) {
                        $one instanceof Weekday => Weekly::class,
                        $one instanceof MonthDay => Monthly::class,
                        default => OnDates::class,
                    },
                    $days,
                ),
            ),
        );
        if (count($kinds) > 1) {
            throw QuickNotReadable::at($end, Message::of('quick.kinds_apart'));
        }

        return $kinds[0] ?? '';
    }

    /** @param  array<string, array{string, list<mixed>}>  $byHours */
    private function checkEnding(array $byHours, Token $end): void
    {
        $kinds = array_column($byHours, 0);
        if ($kinds === [] || array_diff($kinds, [OnDates::class]) !== []) {
            return;
        }
        // "3 dec every 2 weeks until 28 may": the weekday of that date, from then on.
        $date = $this->onlyDate();
        if ($date !== null && ($this->every !== null || $this->ending !== null)) {
            return;
        }
        if ($this->every !== null || $this->ending !== null || $this->from !== null) {
            throw QuickNotReadable::at($end, Message::of('quick.dates_do_not_repeat'));
        }
    }

    /**
     * @param  list<array{non-empty-list<Weekday|MonthDay|DateRange>, list<Hours>}>  $pairs
     *
     * @throws RecessException
     */
    private function block(string $kind, array $pairs, Context $context, Token $end, bool $first): Block
    {
        $days = array_merge(...array_column($pairs, 0));
        $hours = $kind === Weekly::class ? $this->hoursByDay($pairs) : [];
        $usual =
            $this->usual !== []
                ? $this->usual
                : array_values(array_diff_key($hours, $this->instead))[0] ?? $pairs[0][1];
        $cut = Cut::of(
            (int) ($this->minutes ?? $this->whole),
            $this->gap ?? ($this->step === null ? 0 : max(0, $this->step - (int) $this->minutes)),
        );
        $pattern = $this->pattern($kind, $days, $context, $end);
        $block = Block::of(
            Adjusted::of($pattern, $this->except, $first ? $this->plus : []),
            Stretches::of(...$usual),
            $cut,
        );
        foreach ($hours as $day => $own) {
            if ($own != $usual) {
                $block = $block->onWeekday(Weekday::from($day), Stretches::of(...$own));
            }
        }

        return $this->takingPlace($block, $context, $end);
    }

    /**
     * @param  list<array{non-empty-list<Weekday|MonthDay|DateRange>, list<Hours>}>  $pairs
     * @return array<int, list<Hours>> by ISO weekday; a day said twice has the hours of both
     */
    private function hoursByDay(array $pairs): array
    {
        $byDay = [];
        foreach ($pairs as [$days, $hours]) {
            foreach ($days as $day) {
                if ($day instanceof Weekday) {
                    $byDay[$day->value] = array_values(array_unique([...$byDay[$day->value] ?? [], ...$hours]));
                }
            }
        }

        return array_intersect_key($this->instead, $byDay) + $byDay;
    }

    /**
     * @param  list<Weekday|MonthDay|DateRange>  $days
     *
     * @throws RecessException
     */
    private function pattern(string $kind, array $days, Context $context, Token $end): Pattern
    {
        $from = $this->from ?? $this->firstDay($days, $context->today, $end);
        $date = $this->onlyDate();
        if ($kind === OnDates::class && $date !== null && ($this->every !== null || $this->ending !== null)) {
            [$kind, $days, $from] = [Weekly::class, [$date->weekday()], $date];
            $this->notes[] = new Note(
                Message::of('quick.repeats_from', day: $date->weekday(), date: $date),
                $end->position,
            );
        }
        if ($kind !== OnDates::class && $this->ending === null) {
            $this->notes[] = new Note(Message::of('quick.endless'), $end->position);
        }
        if ($this->ending?->until?->isBefore($from) === true) {
            throw QuickNotReadable::at(
                $end,
                Message::of('quick.ends_before_it_begins', last: $this->ending->until, first: $from),
            );
        }

        return match ($kind) {
            Weekly::class => Weekly::on(
                array_values(array_filter($days, static fn($one): bool => $one instanceof Weekday)),
                $from,
                $this->ending,
                $this->every ?? 1,
            ),
            Monthly::class => Monthly::on(
                array_values(array_filter($days, static fn($one): bool => $one instanceof MonthDay)),
                $from,
                $this->ending,
                $this->every ?? 1,
            ),
            default => OnDates::of(
                ...array_merge(
                    ...array_map(static fn($one): array => $one instanceof DateRange ? $one->dates() : [], $days),
                ),
            ),
        };
    }

    /**
     * Where a repeat begins that does not say so: today, or on the next of its days where whole weeks are left out.
     *
     * @param  list<Weekday|MonthDay|DateRange>  $days
     */
    private function firstDay(array $days, LocalDate $today, Token $end): LocalDate
    {
        if (($this->every ?? 1) === 1 || !(($days[0] ?? null) instanceof Weekday)) {
            return $today;
        }
        for ($first = $today; !in_array($first->weekday(), $days, true); $first = $first->plusDays(1)) {
        }
        $this->notes[] = new Note(
            Message::of('quick.first_is_on', day: $first->weekday(), date: $first),
            $end->position,
        );

        return $first;
    }

    /** "10 times" counts meetings that take place: where closed days or days left out are on the way, it ends later. */
    private function takingPlace(Block $block, Context $context, Token $end): Block
    {
        $adjusted = $block->pattern instanceof Adjusted ? $block->pattern : null;
        $pattern = $adjusted->pattern ?? $block->pattern;
        $times = $pattern instanceof Repeating ? $pattern->ending->times : null;
        if (!($pattern instanceof Repeating) || $times === null) {
            return $block;
        }
        $off = $this->except->with($context->closedDays ?? Dates::none());
        for ($reach = 500; ; $reach *= 4) {
            $all = $pattern->endless()->dates($pattern->first, $pattern->first->plusDays($reach));
            $held = array_values(array_filter($all, static fn(LocalDate $date): bool => !$off->holds($date)));
            $last = $held[$times - 1] ?? null;
            if ($last !== null || $reach > self::FAR) {
                break;
            }
        }
        if ($last === null || $last->equals($all[$times - 1])) {
            return $block;
        }
        $this->notes[] = new Note(Message::of('quick.last_is_on', times: $times, date: $last), $end->position);

        return $block->withPattern(
            Adjusted::of($pattern->until($last), $adjusted->without ?? Dates::none(), $adjusted->plus ?? []),
        );
    }
}
