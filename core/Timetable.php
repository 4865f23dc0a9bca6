<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\Rules;
use Recess\Rules\Situation;
use Recess\Slots\Block;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A sheet's blocks and rules in its zone: which slots there are, and which of them can be had. */
final readonly class Timetable
{
    /** @param  list<Block>  $blocks */
    private function __construct(
        public Zone $zone,
        private array $blocks,
        private Rules $rules,
    ) {
    }

    /** @param  list<Block>  $blocks */
    public static function of(Zone $zone, array $blocks, Rules $rules): self
    {
        return new self($zone, $blocks, $rules);
    }

    /**
     * The stretches that begin on the dates asked about, each with its slots and what is left over, in order.
     *
     * @param  LocalDate  $before  the first date no longer asked about
     * @return list<Pieces>
     */
    public function pieces(LocalDate $from, LocalDate $before): array
    {
        $all = [];
        foreach ($this->blocks as $block) {
            array_push($all, ...$block->pieces($from, $before, $this->zone));
        }
        usort($all, static fn (Pieces $a, Pieces $b): int => $a->stretch->start <=> $b->stretch->start);

        return $all;
    }

    /**
     * The slots of those dates, each with its verdict, in order.
     *
     * @return list<Offer>
     */
    public function offers(LocalDate $from, LocalDate $before, Situation $situation): array
    {
        $offers = [];
        foreach ($this->pieces($from, $before) as $pieces) {
            foreach ($pieces->slots as $slot) {
                $offers[] = new Offer($slot, $this->rules->verdict($slot, $situation));
            }
        }

        return $offers;
    }

    /** The slot that begins at that instant, with its verdict; null when no block makes one there. */
    public function offerAt(int $start, Situation $situation): ?Offer
    {
        $date = $this->zone->dateAt($start);
        // A block that passes midnight makes slots on the date after the one on which it begins.
        foreach ($this->offers($date->plusDays(-1), $date->plusDays(1), $situation) as $offer) {
            if ($offer->slot->start === $start) {
                return $offer;
            }
        }

        return null;
    }

    /**
     * The free slots that begin closest to an instant, the closest first, an earlier one before a later one as close.
     *
     * @param  list<Offer>  $offers
     * @return list<Span>
     */
    public static function nearestFree(array $offers, int $instant, int $atMost): array
    {
        $free = array_values(array_map(
            static fn (Offer $offer): Span => $offer->slot,
            array_filter($offers, static fn (Offer $offer): bool => $offer->verdict->isFree()),
        ));
        usort($free, static fn (Span $a, Span $b): int => [abs($a->start - $instant), $a->start] <=> [abs($b->start - $instant), $b->start]);

        return array_slice($free, 0, $atMost);
    }
}
