<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\Rules;
use Recess\Rules\Situation;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Pieces;
use Recess\Slots\SlotsNotValid;
use Recess\Time\Dates;
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
        private Dates $closedDays,
        private bool $joining,
    ) {
    }

    /**
     * @param  list<Block>  $blocks
     * @param  Dates|null  $closedDays  dates on which no block falls
     * @param  bool  $joining  whether stretches of one length that overlap become one; if not, they are refused
     */
    public static function of(Zone $zone, array $blocks, Rules $rules, ?Dates $closedDays = null, bool $joining = false): self
    {
        return new self($zone, $blocks, $rules, $closedDays ?? Dates::none(), $joining);
    }

    /**
     * The stretches that begin on the dates asked about, each with its slots and what is left over, in order.
     *
     * @param  LocalDate  $before  the first date no longer asked about
     * @return list<Pieces>
     *
     * @throws SlotsNotValid when two overlap that are not to be joined, or cannot be
     */
    public function pieces(LocalDate $from, LocalDate $before): array
    {
        $all = [];
        foreach ($this->blocks as $block) {
            foreach ($block->pieces($from, $before, $this->zone, $this->closedDays) as $pieces) {
                $all[] = [$pieces, $block->cut];
            }
        }
        usort($all, static fn (array $a, array $b): int => $a[0]->stretch->start <=> $b[0]->stretch->start);

        $apart = [];
        foreach ($all as [$pieces, $cut]) {
            $last = $apart === [] ? null : $apart[count($apart) - 1];
            if ($last !== null && $last[0]->stretch->overlaps($pieces->stretch)) {
                $apart[count($apart) - 1] = [$this->joined($last[0], $last[1], $pieces, $cut), $cut];
            } else {
                $apart[] = [$pieces, $cut];
            }
        }

        return array_column($apart, 0);
    }

    private function joined(Pieces $one, Cut $cut, Pieces $other, Cut $otherCut): Pieces
    {
        if (! $this->joining || $cut != $otherCut) {
            throw SlotsNotValid::blocksOverlap($this->said($one), $this->said($other));
        }

        return $cut->pieces(Span::of($one->stretch->start, max($one->stretch->end, $other->stretch->end)));
    }

    private function said(Pieces $pieces): string
    {
        $span = $pieces->stretch;

        return $this->zone->dateAt($span->start).' '.$this->zone->timeAt($span->start).'-'.$this->zone->timeAt($span->end);
    }

    /** How many slots there are on those dates: what a term promises, before anything is saved. */
    public function count(LocalDate $from, LocalDate $before): int
    {
        return array_sum(array_map(static fn (Pieces $pieces): int => count($pieces->slots), $this->pieces($from, $before)));
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
        $free = array_filter($offers, static fn (Offer $offer): bool => $offer->verdict->isFree());

        return self::nearest(array_map(static fn (Offer $offer): Span => $offer->slot, array_values($free)), $instant, $atMost);
    }

    /**
     * The same of slots that are known to be free.
     *
     * @param  list<Span>  $free
     * @return list<Span>
     */
    public static function nearest(array $free, int $instant, int $atMost): array
    {
        usort($free, static fn (Span $a, Span $b): int => [abs($a->start - $instant), $a->start] <=> [abs($b->start - $instant), $b->start]);

        return array_slice($free, 0, $atMost);
    }
}
