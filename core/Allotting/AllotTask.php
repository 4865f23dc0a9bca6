<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Slots\InARow;
use Recess\Time\Span;
use Recess\Time\Zone;

/**
 * A round as plain numbers: hosts, slots, families and wishes by index. Several slots in a row are one for those who are met
 * for longer; its parts say which.
 *
 * @internal to the allotter
 */
final class AllotTask
{
    /** @var list<int> by slot: instants */
    public array $start = [];

    /** @var list<int> */
    public array $end = [];

    /** @var list<non-empty-list<int>> by slot: itself, or the slots that it is made of */
    public array $parts = [];

    /** @var list<int> by slot: one number for each host and date */
    public array $hostDay = [];

    /** @var list<int> by slot: the date */
    public array $day = [];

    /** @var list<int|null> by host and date: how many meetings they bear */
    public array $most = [];

    /** @var list<Wish> */
    public array $wishes = [];

    /** @var list<int> by wish: 0 is granted first */
    public array $level = [];

    /** @var list<int> by wish: its family */
    public array $familyOf = [];

    /** @var list<string> their ids */
    public array $families = [];

    /** @var list<list<int>> by family: its wishes */
    public array $wishesOf = [];

    /** @var array<string, list<int>> by language: the wishes that need an interpreter for it */
    public array $spoken = [];

    /** @var list<list<int>> by wish: the host's slots within the family's windows, in order */
    public array $slots = [];

    /** @var list<array<int, int>> by wish: the seconds from it to each other wish of the family */
    public array $gap = [];

    /** @var array<string, list<int>> by host and length: made when first asked for */
    private array $longer = [];

    public function __construct(private readonly Evenings $evenings)
    {
        $slotsOf = $places = [];
        foreach ($evenings->hosts as $host) {
            $slotsOf[$host->id] = $this->addHost($host, $evenings->zone);
            $places[$host->id] = $host->place;
        }
        foreach ($evenings->families as $f => $family) {
            $this->families[] = $family->id;
            $this->wishesOf[$f] = [];
            /** @var array<string, list<int>> $within by host: brothers and sisters have the same teachers */
            $within = [];
            foreach ($family->wishes as $wish) {
                $fit =
                    $wish->times === 1
                        ? $slotsOf[$wish->host]
                        : $this->longer($slotsOf[$wish->host], $wish->times, "$wish->times $wish->host");
                $slots =
                    $wish->windows !== null || $wish->times > 1
                        ? $this->within($fit, $wish->windows ?? $family->windows)
                        : ($within[$wish->host] ??= $this->within($fit, $family->windows));
                if ($wish->language !== null) {
                    $slots = array_values(
                        array_filter($slots, fn(int $s): bool => $this->interpreters($wish->language, $s) > 0),
                    );
                    $this->spoken[$wish->language][] = count($this->wishes);
                }
                $this->wishesOf[$f][] = count($this->wishes);
                $this->wishes[] = $wish;
                $this->level[] = $wish->level();
                $this->familyOf[] = $f;
                $this->slots[] = $slots;
            }
            foreach ($this->wishesOf[$f] as $w) {
                $this->gap[$w] = [];
                foreach ($this->wishesOf[$f] as $other) {
                    if ($other !== $w) {
                        $this->gap[$w][$other] = ($family->between ?? $evenings->between)->seconds(
                            $places[$this->wishes[$w]->host],
                            $places[$this->wishes[$other]->host],
                        );
                    }
                }
            }
        }
    }

    public function span(int $slot): Span
    {
        return Span::of($this->start[$slot], $this->end[$slot]);
    }

    /** How many interpreters of a language are free at a slot, before any meeting is given. */
    public function interpreters(string $language, int $slot): int
    {
        $span = $this->span($slot);

        return count(
            array_filter(
                $this->evenings->interpreters[$language] ?? [],
                static fn(array $free): bool => $span->liesInOneOf($free),
            ),
        );
    }

    /**
     * @param  list<int>  $slots
     * @param  list<Span>  $windows
     * @return list<int>
     */
    private function within(array $slots, array $windows): array
    {
        return array_values(array_filter($slots, fn(int $s): bool => $this->span($s)->liesInOneOf($windows)));
    }

    /** @return list<int> the slots of the host, in order */
    private function addHost(Host $host, Zone $zone): array
    {
        $slots = $host->slots;
        usort($slots, static fn(Span $a, Span $b): int => $a->start <=> $b->start);
        $numbers = $hostDays = [];
        foreach ($slots as $slot) {
            $day = $zone->dayAt($slot->start);
            if (!isset($hostDays[$day])) {
                $hostDays[$day] = count($this->most);
                $this->most[] = $host->most;
            }
            $numbers[] = $this->addSlot($slot, $day, $hostDays[$day], null);
        }

        return $numbers;
    }

    /** @param  non-empty-list<int>|null  $parts  null where it is one by itself */
    private function addSlot(Span $span, int $day, int $hostDay, ?array $parts): int
    {
        $number = count($this->start);
        $this->start[] = $span->start;
        $this->end[] = $span->end;
        $this->day[] = $day;
        $this->hostDay[] = $hostDay;
        $this->parts[] = $parts ?? [$number];

        return $number;
    }

    /**
     * @param  list<int>  $slots  of a host, in order
     * @return list<int> as many of them in a row as one, wherever that can be
     */
    private function longer(array $slots, int $times, string $key): array
    {
        if (!isset($this->longer[$key])) {
            $this->longer[$key] = [];
            $spans = array_map($this->span(...), $slots);
            foreach ($slots as $i => $first) {
                $whole = InARow::from($spans, $i, $times);
                $parts = array_slice($slots, $i, $times);
                if ($whole !== null && $parts !== []) {
                    $this->longer[$key][] = $this->addSlot($whole, $this->day[$first], $this->hostDay[$first], $parts);
                }
            }
        }

        return $this->longer[$key];
    }
}
