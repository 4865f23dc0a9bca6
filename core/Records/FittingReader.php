<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Fitting\Between;
use Recess\Fitting\Preference;
use Recess\Fitting\Wanted;
use Recess\Message;
use Recess\Rules\Travel;
use Recess\Time\Zone;

/** What is to be planned or allotted, out of JSON: docs/formats/plan.schema.json and allot.schema.json. */
final class FittingReader
{
    /** Meetings of one family. */
    public const MOST_MEETINGS = 60;

    public const MOST_WINDOWS = 200;

    public const MOST_SLOTS = 2_000;

    private const MOST_PAIRS = 20_000;

    /** A way of more than a day is a slip. */
    private const MOST_MINUTES = 1_440;

    public static function zone(Fields $all): Zone
    {
        return Fields::at('zone', static fn(): Zone => Zone::of($all->text('zone')));
    }

    public static function between(Fields $all): Between
    {
        $walk = $all->object('walk');
        if ($walk === null) {
            return new Between(new Travel(0));
        }
        $between = [];
        foreach ($walk->list('pairs', self::MOST_PAIRS, needed: false) as $place => $pair) {
            if (
                !is_array($pair) ||
                !array_is_list($pair) ||
                count($pair) !== 3 ||
                !is_string($pair[0]) ||
                !is_string($pair[1])
            ) {
                throw Fields::wrong($place, Message::of('given.way'));
            }
            [$from, $to] = [$pair[0], $pair[1]];
            $minutes = Fields::whole($pair[2], "{$place}[2]", 0, self::MOST_MINUTES);
            if (($between[$from][$to] ?? ($between[$to][$from] ?? $minutes)) !== $minutes) {
                throw Fields::wrong($place, Message::of('given.way_twice', from: $from, to: $to));
            }
            $between[$from][$to] = $minutes;
        }

        return new Between(
            new Travel($walk->has('default') ? $walk->number('default', 0, self::MOST_MINUTES) : 0, $between),
        );
    }

    /** @return list<Wanted> */
    public static function wanted(Fields $all): array
    {
        $ids = [];
        $wanted = [];
        foreach ($all->objects('meetings', self::MOST_MEETINGS) as $one) {
            $id = self::id($one, $ids);
            $wanted[] = new Wanted($id, $one->textOrNull('place'), $one->spans('slots', self::MOST_SLOTS));
        }

        return $wanted;
    }

    /** @return list<Preference> */
    public static function prefer(Fields $all): array
    {
        $prefer = [];
        foreach ($all->list('prefer', 3, needed: false) as $place => $name) {
            $one = is_string($name) ? Preference::tryFrom($name) : null;
            if ($one === null || in_array($one, $prefer, true)) {
                throw Fields::wrong($place, Message::of('given.order'));
            }
            $prefer[] = $one;
        }

        return $prefer;
    }

    /** @param  array<string, true>  $known */
    public static function id(Fields $one, array &$known): string
    {
        $id = $one->text('id');
        if (isset($known["=$id"])) {
            throw Fields::wrong($one->place('id'), Message::of('given.twice', id: $id));
        }
        $known["=$id"] = true;

        return $id;
    }
}
