<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Repeat\RruleNotValid;
use Recess\Time\TimeNotValid;
use Sabre\VObject\Component;
use Sabre\VObject\Property;

/** One VEVENT or AVAILABLE: when it begins, how long it lasts, and how it repeats. */
final readonly class Entry
{
    /** Dates that one entry may name besides its rule. */
    private const LISTED = 20_000;

    /**
     * @param  list<string>  $rules  RRULE values
     * @param  list<array{Moment, Lasting|null}>  $also  RDATE values, periods with a length of their own
     * @param  list<Moment>  $not  EXDATE values
     */
    private function __construct(
        /** Where it stands in the text, from 1. */
        public int $line,
        public string $uid,
        public string $title,
        public Moment $start,
        public Lasting $lasting,
        public array $rules,
        public array $also,
        public array $not,
        /** The occurrence that this replaces, with RANGE=THISANDFUTURE all later ones too. */
        public ?Moment $replaces,
        public bool $andFuture,
        public bool $transparent,
        public string $status,
    ) {}

    /** @throws TimeNotValid when a date or a zone of it cannot be read */
    public static function of(int $line, Component $component, Zones $zones): self
    {
        $start = Fields::moment($component, 'DTSTART', $zones) ?? throw TimeNotValid::noSuchDate('');
        $end = Fields::moment($component, 'DTEND', $zones);
        $duration = Fields::text($component, 'DURATION');
        $replaced = Fields::all($component, 'RECURRENCE-ID')[0] ?? null;

        return new self(
            line: $line,
            uid: Fields::text($component, 'UID'),
            title: Fields::text($component, 'SUMMARY'),
            start: $start,
            lasting: match (true) {
                $end !== null => Lasting::until($start, $end),
                $duration !== '' => Lasting::read($duration),
                $start->isDate => Lasting::days(1),
                default => Lasting::nothing(),
            },
            rules: array_map(strval(...), Fields::all($component, 'RRULE')),
            also: self::periods(self::listed($component, 'RDATE'), $zones),
            not: array_merge(
                ...array_map(
                    static fn(Property $property): array => Moment::all($property, $zones),
                    self::listed($component, 'EXDATE'),
                ),
            ),
            replaces: Fields::moment($component, 'RECURRENCE-ID', $zones),
            andFuture: $replaced !== null && strtoupper(Fields::parameter($replaced, 'RANGE')) === 'THISANDFUTURE',
            transparent: strtoupper(Fields::text($component, 'TRANSP')) === 'TRANSPARENT',
            status: strtoupper(Fields::text($component, 'STATUS')),
        );
    }

    public function isCancelled(): bool
    {
        return $this->status === 'CANCELLED';
    }

    /**
     * The properties that list dates, as far as anybody lists them.
     *
     * @return list<Property>
     *
     * @throws RruleNotValid
     */
    private static function listed(Component $component, string $name): array
    {
        $all = Fields::all($component, $name);
        $commas = array_sum(array_map(static fn(Property $one): int => 1 + substr_count((string) $one, ','), $all));

        return $commas > self::LISTED ? throw RruleNotValid::tooLong() : $all;
    }

    /**
     * @param  list<Property>  $properties
     * @return list<array{Moment, Lasting|null}>
     */
    private static function periods(array $properties, Zones $zones): array
    {
        $all = [];
        foreach ($properties as $property) {
            $texts = array_values(array_filter(array_map(trim(...), explode(',', (string) $property))));
            foreach (Moment::all($property, $zones) as $i => $start) {
                $all[] = [$start, self::lengthOfPeriod($texts[$i] ?? '', $start)];
            }
        }

        return $all;
    }

    /** Of a PERIOD, "start/end" or "start/duration" (RFC 5545, 3.3.9); null for a plain date. */
    public static function lengthOfPeriod(string $text, Moment $start): ?Lasting
    {
        $tail = explode('/', $text)[1] ?? '';

        return match (true) {
            $tail === '' => null,
            str_contains(strtoupper($tail), 'P') => Lasting::read($tail),
            default => Lasting::until($start, Moment::read($tail, $start->zone)),
        };
    }
}
