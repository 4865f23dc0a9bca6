<?php

declare(strict_types=1);

namespace App\Telling;

use App\Answers\EntryDeclined;
use App\Calendars\Reader;
use App\Knocks\HostAnswer;
use App\Knocks\KnockHost;
use App\Knocks\KnockNews;
use App\Knocks\KnockOccasion;
use App\Models\StaffMember;

/** Who hears what of a knock. That it was accepted is told as a booking (TellOfBooking). */
final class TellOfKnock
{
    private const FOR_VISITORS = [
        KnockOccasion::ToConfirm,
        KnockOccasion::Asked,
        KnockOccasion::Maybe,
        KnockOccasion::Declined,
        KnockOccasion::Proposed,
        KnockOccasion::Lapsed,
    ];

    public function handle(KnockNews $event): void
    {
        $readers =
            in_array($event->occasion, self::FOR_VISITORS, true) && $event->knock->pass->email !== null
                ? [Reader::pass($event->knock->pass)]
                : [];
        foreach ($this->hosts($event) as $host) {
            $readers[] = Reader::staff($host);
        }
        foreach ($readers as $reader) {
            Envelopes::to($reader->email(), $reader->addressee())->queue(
                new KnockLetter($event->knock, $event->occasion, $reader, $event->word, $event->by),
            );
        }
    }

    /** Whoever declined in their calendar is asked whether that was meant, where the sheet says so. */
    public function ofEntryDeclined(EntryDeclined $event): void
    {
        $pass = $event->booking->pass;
        Envelopes::to((string) $pass->email, $pass->addressee())->queue(new DeclinedLetter($event->booking, $pass));
    }

    /** @return list<StaffMember> */
    private function hosts(KnockNews $event): array
    {
        $of = static fn(\Closure $which): array => array_values(
            $event->knock->hosts->filter($which)->map(static fn(KnockHost $one): StaffMember => $one->host)->all(),
        );

        return match ($event->occasion) {
            KnockOccasion::ToConfirm, KnockOccasion::Maybe => [],
            KnockOccasion::OneAccepted => $of(static fn(KnockHost $one): bool => $one->answer === HostAnswer::None),
            KnockOccasion::AskedAgain => $of(static fn(KnockHost $one): bool => $one->answer !== HostAnswer::Accepted),
            // All of them have an entry for it in their calendars, and whoever was asked has to hear that it is off.
            default => $of(static fn(): bool => true),
        };
    }
}
