<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Between;
use Recess\Time\Span;
use Recess\Time\Zone;

/**
 * A round as plain numbers: hosts, slots, families and wishes by index.
 *
 * @internal to the allotter
 */
final class AllotTask
{
    /** @var list<int> by slot: instants */
    public array $start = [];

    /** @var list<int> */
    public array $end = [];

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

    /** @var list<list<int>> by family: its wishes */
    public array $wishesOf = [];

    /** @var array<string, list<int>> by language: the wishes that need an interpreter for it */
    public array $spoken = [];

    /** @var list<list<int>> by wish: the host's slots within the family's windows, in order */
    public array $slots = [];

    /** @var list<array<int, int>> by wish: the seconds from it to each other wish of the family */
    public array $gap = [];

    /**
     * @param  list<Host>  $hosts
     * @param  list<Family>  $families
     * @param  array<string, list<list<Span>>>  $interpreters  by language: when each is free
     */
    public function __construct(array $hosts, array $families, Between $between, Zone $zone, private readonly array $interpreters = [])
    {
        $slotsOf = $places = [];
        foreach ($hosts as $host) {
            $slotsOf[$host->id] = $this->addHost($host, $zone);
            $places[$host->id] = $host->place;
        }
        foreach ($families as $f => $family) {
            $this->wishesOf[$f] = [];
            /** @var array<string, list<int>> $within by host: brothers and sisters have the same teachers */
            $within = [];
            foreach ($family->wishes as $wish) {
                $slots = $wish->windows !== null
                    ? $this->within($slotsOf[$wish->host], $wish->windows)
                    : $within[$wish->host] ??= $this->within($slotsOf[$wish->host], $family->windows);
                if ($wish->language !== null) {
                    $slots = array_values(array_filter($slots, fn (int $s): bool => $this->interpreters($wish->language, $s) > 0));
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
                        $this->gap[$w][$other] = ($family->between ?? $between)->seconds($places[$this->wishes[$w]->host], $places[$this->wishes[$other]->host]);
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

        return count(array_filter($this->interpreters[$language] ?? [], static fn (array $free): bool => $span->liesInOneOf($free)));
    }

    /**
     * @param  list<int>  $slots
     * @param  list<Span>  $windows
     * @return list<int>
     */
    private function within(array $slots, array $windows): array
    {
        return array_values(array_filter($slots, fn (int $s): bool => $this->span($s)->liesInOneOf($windows)));
    }

    /** @return list<int> the slots of the host, in order */
    private function addHost(Host $host, Zone $zone): array
    {
        $slots = $host->slots;
        usort($slots, static fn (Span $a, Span $b): int => $a->start <=> $b->start);
        $numbers = $hostDays = [];
        foreach ($slots as $slot) {
            $day = $zone->dayAt($slot->start);
            if (! isset($hostDays[$day])) {
                $hostDays[$day] = count($this->most);
                $this->most[] = $host->most;
            }
            $numbers[] = count($this->start);
            $this->start[] = $slot->start;
            $this->end[] = $slot->end;
            $this->day[] = $day;
            $this->hostDay[] = $hostDays[$day];
        }

        return $numbers;
    }
}
