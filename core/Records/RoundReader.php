<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Allotting\Family;
use Recess\Allotting\Host;
use Recess\Allotting\Wish;
use Recess\Message;

/** A round's hosts and wishes out of JSON: docs/formats/allot.schema.json. */
final class RoundReader
{
    private const MOST_HOSTS = 1_000;

    private const MOST_FAMILIES = 20_000;

    /** Of one family: more is a slip, or somebody who wants everything. */
    private const MOST_WISHES = 60;

    private const MOST_SLOTS = 1_000;

    /** Slots in a row for one meeting. */
    private const MOST_TIMES = 6;

    /** @return list<Host> */
    public static function hosts(Fields $all): array
    {
        $ids = [];
        $hosts = [];
        foreach ($all->objects('hosts', self::MOST_HOSTS) as $one) {
            $id = FittingReader::id($one, $ids);
            $slots = $one->spans('slots', self::MOST_SLOTS);
            $byStart = $slots;
            asort($byStart);
            $before = null;
            foreach (array_keys($byStart) as $i) {
                if ($before !== null && $slots[$i]->overlaps($slots[$before])) {
                    throw Fields::wrong(
                        $one->place('slots') . "[$i]",
                        Message::of('given.slot_overlaps', before: $before),
                    );
                }
                $before = $i;
            }
            $hosts[] = new Host(
                $id,
                $one->textOrNull('place'),
                $slots,
                $one->has('most') ? $one->number('most', 0, self::MOST_SLOTS) : null,
            );
        }

        return $hosts;
    }

    /**
     * @param  list<Host>  $hosts
     * @return list<Family>
     */
    public static function families(Fields $all, array $hosts): array
    {
        $known = [];
        foreach ($hosts as $host) {
            $known["=$host->id"] = true;
        }
        $families = $ids = $wishIds = [];
        foreach ($all->objects('families', self::MOST_FAMILIES) as $one) {
            $id = FittingReader::id($one, $ids);
            $wishes = [];
            foreach ($one->objects('wishes', self::MOST_WISHES) as $wish) {
                $host = $wish->text('host');
                isset($known["=$host"]) ||
                    throw Fields::wrong($wish->place('host'), Message::of('given.no_host', host: $host));
                $wishes[] = new Wish(
                    FittingReader::id($wish, $wishIds),
                    $host,
                    $wish->has('rank') ? $wish->number('rank', 1, 1_000) : 1,
                    $wish->flag('asked'),
                    times: $wish->has('times') ? $wish->number('times', 1, self::MOST_TIMES) : 1,
                );
            }
            $families[] = new Family($id, $one->spans('windows', FittingReader::MOST_WINDOWS), $wishes);
        }

        return $families;
    }
}
