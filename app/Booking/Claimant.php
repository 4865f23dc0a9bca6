<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Party;
use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Rules\Verdict;

/** Who asks for a slot, and with what right: what may be said against it, and they can have it all the same. */
enum Claimant
{
    /** Whoever holds a pass or has none, by page, form, plan or place in line; and to whom a time is kept while they type. */
    case Visitor;

    /** Whoever runs the sheet, or the office: not bound by what they ask of visitors. Also what an allotment or an edit gives. */
    case Staff;

    /** A host who says yes to a time that was asked of them and kept: what their calendar has there by now they know themselves. */
    case Kept;

    /** Two at the desk who change their times, which both have with that host already, perhaps just now. */
    case Desk;

    /** Whoever takes their last change back: what the host would not give to others now they had already. */
    case Undo;

    /** Who takes over from somebody who leaves, at the time that was agreed. */
    case Handover;

    public static function of(Party $by): self
    {
        return $by === Party::Visitor ? self::Visitor : self::Staff;
    }

    public function mayHave(Verdict $verdict): bool
    {
        return $this->isRefused($verdict) === [];
    }

    /** @return list<Because> why they cannot have it; none where they can */
    public function isRefused(Verdict $verdict): array
    {
        $against = array_filter($verdict->reasons, fn(Reason $reason): bool => !$this->passes($reason));

        return array_values(array_map(static fn(Reason $reason): Because => $reason->because, $against));
    }

    /** Whether what the host's calendar says counts: not where the time was theirs with that host before. */
    public function asksCalendars(): bool
    {
        return !in_array($this, [self::Kept, self::Desk, self::Undo], true);
    }

    private function passes(Reason $reason): bool
    {
        return match ($this) {
            self::Visitor => false,
            self::Staff, self::Kept, self::Undo => $reason->because->hostMayPass(),
            self::Desk, self::Handover => $reason->because->hostMayPass() ||
                in_array($reason->because, [Because::Past, Because::SlotClosed], true),
        };
    }
}
