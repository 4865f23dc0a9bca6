<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;

/**
 * All that a host can state about a sheet, in the order in which it is asked.
 *
 * A new rule is a class that declares its fields, and a line here. Validation, what is kept and sent, the published
 * schema and the form follow; what it says to people stands under its field's name in the catalogues (lang/).
 */
final class Rulebook
{
    /** @var list<class-string<Declared>> */
    private const RULES = [
        Lead::class,
        LeadDays::class,
        FurthestAhead::class,
        PerStudent::class,
        PerVisitor::class,
        PerPeriod::class,
        Opens::class,
        Closes::class,
    ];

    /** @var list<Term>|null */
    private static ?array $terms = null;

    /** @return list<Term> */
    public static function terms(): array
    {
        return self::$terms ??= [
            // Whom a slot takes in is the seating's business.
            Term::whole('seats', 1, 500, 1),
            Term::whole('per_day', 1, 200)->orNone(),
            ...array_merge(...array_map(static fn(string $rule): array => $rule::terms(), self::RULES)),
            // What decides about no slot.
            Term::yes('show_who'),
            Term::yes('approve'),
            Term::whole('asked_hours', 1, 720, 48),
            Term::whole('guests', 0, 10, 0),
            Term::yes('waiting', true),
            Term::yes('email_optional'),
            // What comes of it when a visitor declines the entry in their calendar.
            Term::choice('declined_entry', ['give back', 'ask']),
            Term::choice('link_shown', ['booked', 'before', 'called']),
            Term::whole('link_minutes', 1, 1440, 15),
            // 1 day before, and 15 min before: common practice, no published source.
            Term::wholes('reminders', 5, 20_160, 5, [1440, 15]),
        ];
    }

    /** @return list<Rule|Standing> those that a sheet's host has stated */
    public static function rulesOf(Sheet $sheet): array
    {
        return array_values(
            array_filter(
                array_map(static fn(string $rule): Rule|Standing|null => $rule::of($sheet->rules, $sheet), self::RULES),
            ),
        );
    }

    /** @return array<string, mixed> the published schema of all fields, as JSON Schema (draft 2020-12) */
    public static function schema(): array
    {
        $fields = array_column(
            array_map(static fn(Term $term): array => [$term->name, $term->schema()], self::terms()),
            1,
            0,
        );

        return [
            'type' => 'object',
            'required' => array_keys($fields),
            'additionalProperties' => false,
            'properties' => $fields,
        ];
    }
}
