<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Accounts\HasLeft;
use App\Framework\Clock;

/** Notes by name who is not in a round any more, so that families who picked them read who it was, and are told while they wish. */
final class NotInItAnyMore
{
    public function __invoke(RoundHost $part): void
    {
        if ($part->sheet === null) {
            return;
        }
        $slug = $part->sheet->slug;
        $part->round->update(['gone' => [$slug => $part->host->name] + ($part->round->gone ?? [])]);
        if ($part->round->isCollecting() && $part->round->range()->end > Clock::now()) {
            event(new HostGone($part->round, $slug, $part->host->name));
        }
    }

    /** Who leaves the school, and whose sheet nobody took. */
    public function ofLeaving(HasLeft $event): void
    {
        RoundHost::query()
            ->where('staff_id', $event->staff->id)
            ->whereHas('sheet', static fn($sheet) => $sheet->where('staff_id', $event->staff->id))
            ->with(['round', 'sheet', 'host'])
            ->get()
            ->each(fn(RoundHost $part) => $this($part));
    }
}
