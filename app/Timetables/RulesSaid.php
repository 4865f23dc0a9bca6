<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Spell;
use App\Framework\Words;
use Recess\Rules\Rulebook;
use Recess\Rules\Stated;
use Recess\Rules\Term;
use Recess\Rules\TermKind;
use Recess\Time\Zone;

/** A sheet's rules in sentences, as a visitor reads them before they pick. */
final class RulesSaid
{
    /** @return list<string> */
    public static function of(Stated $rules, Zone $zone): array
    {
        $values = self::values($rules, $zone);
        $said = [];
        foreach (Rulebook::terms() as $term) {
            $stated = $rules->toArray()[$term->name];
            if ($stated !== null && $stated !== false && Words::pattern("rules.tells.$term->name") !== null) {
                $said[] = Words::say("rules.tells.$term->name", $values);
            }
        }

        return array_values(array_filter($said, static fn(string $one): bool => $one !== ''));
    }

    /** @return array<string, int|string> what the sentences can name: each field, and lengths and moments as people say them */
    private static function values(Stated $rules, Zone $zone): array
    {
        $values = [];
        foreach (Rulebook::terms() as $term) {
            $stated = $rules->toArray()[$term->name];
            if ($stated !== null && !is_array($stated)) {
                $values[$term->name] = is_bool($stated) ? ($stated ? 'yes' : 'no') : $stated;
                $values["{$term->name}_said"] = self::spelled($term, $rules, $zone);
            }
        }

        return $values;
    }

    private static function spelled(Term $term, Stated $rules, Zone $zone): string
    {
        return match (true) {
            $term->kind === TermKind::Moment => Spell::moment((int) $rules->instantOrNone($term->name, $zone), $zone),
            $term->kind === TermKind::Clock => Spell::clock($rules->text($term->name)),
            str_ends_with($term->name, '_minutes') => Spell::minutes($rules->whole($term->name)),
            str_ends_with($term->name, '_hours') => Spell::minutes($rules->whole($term->name) * 60),
            default => '',
        };
    }
}
