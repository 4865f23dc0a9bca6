<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Message;
use Recess\RecessException;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\PatternNotValid;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\DayChange;
use Recess\Slots\SlotsNotValid;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;
use Recess\Time\Weekday;

/**
 * Reads a block from a record of any origin: kept ones, typed ones, imported ones. Times may be typed in all the
 * forms that LocalTime reads. Everything wrong is said at once, each thing at its field.
 */
final class BlockReader
{
    /** A record that names more dates than ten years have is no plan. */
    private const MOST = 4_000;

    /** @var array<string, Message> */
    private array $errors = [];

    /** @param  array<mixed>  $record  as BlockRecord writes it; what is missing counts as empty */
    private function __construct(private readonly array $record) {}

    /**
     * @param  array<mixed>  $record
     *
     * @throws RecordNotValid
     */
    public static function read(array $record): Block
    {
        $reader = new self($record);
        $block = $reader->block();

        return $block !== null && $reader->errors === []
            ? $block
            : throw RecordNotValid::at($reader->errors ?: ['kind' => Message::of('given.no_block')]);
    }

    private function block(): ?Block
    {
        $pattern = $this->pattern();
        $hours = $this->stretches('hours', $this->list($this->record, 'hours'));
        $gap = $this->at('gap', fn(): int => Cut::of(1, $this->number('gap', 0))->gap);
        $cut = $this->at('minutes', fn(): Cut => Cut::of($this->number('minutes', 0), $gap ?? 0));
        if ($pattern === null || $hours === null || $cut === null) {
            return null;
        }
        $block = $this->at('minutes', static fn(): Block => Block::of($pattern, $hours, $cut));
        foreach ($this->list($this->record, 'other') as $i => $other) {
            $stretches = $this->stretches("other.$i.hours", is_array($other) ? $this->list($other, 'hours') : []);
            $weekday = $this->at(
                "other.$i.weekday",
                fn(): Weekday => $this->weekday(is_array($other) ? $other['weekday'] ?? null : null),
            );
            if ($block !== null && $stretches !== null && $weekday !== null) {
                $block = $this->at("other.$i.hours", static fn(): Block => $block->onWeekday($weekday, $stretches));
            }
        }
        foreach ($this->list($this->record, 'changes') as $i => $change) {
            $change = is_array($change) ? $change : [];
            $date = $this->at(
                "changes.$i.date",
                fn(): LocalDate => LocalDate::parse($this->text($change['date'] ?? null)),
            );
            $made = $this->at("changes.$i", fn(): DayChange => $this->change($i, $change));
            if ($block !== null && $date !== null && $made !== null) {
                $block = $block->withChange($date, $made);
            }
        }

        $places = $this->at(
            'places',
            fn(): array => array_map($this->place(...), $this->list($this->record, 'places')),
        );

        return $places === null ? null : $block?->at($places);
    }

    private function place(mixed $place): int
    {
        return is_int($place) && $place >= 0 && $place < 100 ? $place : throw TimeNotValid::noSuchDate('');
    }

    /** @param  array<mixed>  $change */
    private function change(int $i, array $change): DayChange
    {
        if (($change['to'] ?? null) === null) {
            return DayChange::closed();
        }
        $typed = $this->list($change, 'hours');

        return DayChange::movedTo(
            LocalDate::parse($this->text($change['to'])),
            $typed === [] ? null : $this->stretches("changes.$i.hours", $typed),
        );
    }

    private function pattern(): ?Pattern
    {
        $kind = $this->record['kind'] ?? 'dates';
        $pattern = match ($kind) {
            'dates' => $this->at(
                'dates',
                fn(): Pattern => OnDates::of(...$this->dates('dates') ?: throw PatternNotValid::noDates()),
            ),
            'weekly' => $this->at(
                'weekdays',
                fn(): Pattern => Weekly::on(
                    array_map($this->weekday(...), $this->list($this->record, 'weekdays')),
                    $this->first(),
                    $this->ending(),
                    $this->number('every', 1),
                ),
            ),
            'monthly' => $this->at(
                'month_days',
                fn(): Pattern => Monthly::on(
                    array_map($this->monthDay(...), $this->list($this->record, 'month_days')),
                    $this->first(),
                    $this->ending(),
                    $this->number('every', 1),
                ),
            ),
            default => $this->at(
                'kind',
                static fn(): Pattern => throw PatternNotValid::cannotSay(
                    is_string($kind) ? $kind : Message::of('given.this_kind'),
                ),
            ),
        };
        $without = $this->at(
            'except',
            fn(): Dates => Dates::of(...array_map($this->range(...), $this->list($this->record, 'except'))),
        );
        $plus = $this->at('plus', fn(): array => $this->dates('plus'));

        return $pattern === null || $without === null || $plus === null
            ? null
            : Adjusted::of($pattern, $without, $plus);
    }

    private function first(): LocalDate
    {
        return $this->at('first', fn(): LocalDate => LocalDate::parse($this->text($this->record['first'] ?? null))) ??
            LocalDate::fromDay(0);
    }

    private function ending(): Ending
    {
        $until = $this->record['until'] ?? null;
        $ending = match (true) {
            $until !== null && $until !== '' => $this->at(
                'until',
                fn(): Ending => Ending::until(LocalDate::parse($this->text($until))),
            ),
            ($this->record['times'] ?? null) !== null => $this->at(
                'times',
                fn(): Ending => Ending::times($this->number('times', 0)),
            ),
            default => Ending::never(),
        };

        return $ending ?? Ending::never();
    }

    private function monthDay(mixed $text): MonthDay
    {
        if (preg_match('/^(-?\d{1,2})(MO|TU|WE|TH|FR|SA|SU)?$/D', $this->text($text), $part) !== 1) {
            throw PatternNotValid::cannotSay(
                Message::of('given.as_month_day', given: mb_strimwidth($this->text($text), 0, 20, '…')),
            );
        }

        return isset($part[2])
            ? MonthDay::nth((int) $part[1], Weekday::fromIcal($part[2]))
            : MonthDay::date((int) $part[1]);
    }

    private function weekday(mixed $number): Weekday
    {
        $day = is_int($number) || (is_string($number) && ctype_digit($number)) ? Weekday::tryFrom((int) $number) : null;

        return $day ?? throw PatternNotValid::noDays();
    }

    private function range(mixed $range): DateRange
    {
        $range = is_array($range) ? $range : [];
        $first = LocalDate::parse($this->text($range['first'] ?? null));
        $last = LocalDate::parse($this->text($range['last'] ?? null));
        if ($last->day - $first->day > self::MOST) {
            throw TimeNotValid::rangeTooLong($first, $last);
        }

        return DateRange::of($first, $last);
    }

    /** @return list<LocalDate> */
    private function dates(string $field): array
    {
        return array_map(
            fn(mixed $date): LocalDate => LocalDate::parse($this->text($date)),
            $this->list($this->record, $field),
        );
    }

    /** @param  list<mixed>  $typed */
    private function stretches(string $field, array $typed): ?Stretches
    {
        $hours = [];
        foreach ($typed as $i => $one) {
            $one = is_array($one) ? $one : [];
            $from = $this->at("$field.$i.from", fn(): LocalTime => $this->time($one['from'] ?? null));
            $until = $this->at("$field.$i.until", fn(): LocalTime => $this->time($one['until'] ?? null));
            if ($from !== null && $until !== null) {
                $hours[] = $this->at(
                    "$field.$i.until",
                    static fn(): Hours => ($one['overnight'] ?? false) === true
                        ? Hours::overnight($from, $until)
                        : Hours::between($from, $until),
                );
            }
        }
        if ($typed === []) {
            $this->errors[$field] = Message::of('given.no_hours');
        }
        $good = array_values(array_filter($hours));

        return $good === [] || count($good) < count($typed)
            ? null
            : $this->at($field, static fn(): Stretches => Stretches::of(...$good));
    }

    /** A block's end may be written past midnight; how long that may be is said in hours, not as "no such time". */
    private function time(mixed $typed): LocalTime
    {
        $text = trim($this->text($typed));
        if (
            preg_match('/^(\d{2,3})[:.,h](\d{2})$/iD', $text, $part) === 1 &&
            (int) $part[1] * 60 + (int) $part[2] > 1440
        ) {
            throw TimeNotValid::afterMidnight($text);
        }

        return LocalTime::parse($text);
    }

    private function number(string $field, int $otherwise): int
    {
        $value = $this->record[$field] ?? $otherwise;
        if (is_int($value) || (is_string($value) && preg_match('/^-?\d{1,6}$/D', $value) === 1)) {
            return (int) $value;
        }

        throw SlotsNotValid::noNumber();
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /**
     * @param  array<mixed>  $record
     * @return list<mixed>
     */
    private function list(array $record, string $field): array
    {
        $list = $record[$field] ?? [];
        if (!is_array($list)) {
            return [];
        }
        if (count($list) > self::MOST) {
            $this->errors[$field] = Message::of('given.at_most', most: self::MOST);
        }

        return array_slice(array_values($list), 0, self::MOST);
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $reading
     * @return T|null
     */
    private function at(string $field, \Closure $reading): mixed
    {
        try {
            return $reading();
        } catch (RecessException $failure) {
            $this->errors[$field] ??= $failure->says();

            return null;
        }
    }
}
