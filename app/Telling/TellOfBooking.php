<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Booking\Sitting;
use App\Booking\Told;
use App\Calendars\Reader;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\HostRole;
use App\Models\SheetHost;
use App\Models\SheetKind;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Queue;

/** Notes who has to be told, in the transaction of the event. Laravel finds it by its handle(). */
final class TellOfBooking
{
    /** What hosts know already when they did it themselves, or need not know. */
    private const NOT_FOR_HOSTS = [
        Occasion::ToConfirm,
        Occasion::Lapsed,
        Occasion::Accepted,
        Occasion::Maybe,
        Occasion::Declined,
        Occasion::LinkAdded,
        Occasion::LinkChanged,
        Occasion::PlaceChanged,
    ];

    /** What a visitor did with it before its letter was written: the letter says what has come of it. */
    private const IN_THE_SITTING = [Occasion::Booked, Occasion::Moved, Occasion::Cancelled];

    private const NOT_FOR_VISITORS = [Occasion::AnswersChanged, Occasion::Lapsed];

    public function handle(BookingNews $event): void
    {
        $own = Reader::pass($event->booking->pass)->key();
        // What they read in the letter of their sitting or plan they do not read twice; whoever is brought along does.
        $gathered = self::isGathered($event);
        $readers = array_filter(
            self::readers($event->booking, $event->occasion),
            static fn(Reader $reader): bool => match ($event->told) {
                Told::Each => !$gathered || $reader->key() !== $own,
                Told::PlanToVisitor => $reader->key() !== $own,
                Told::AtOnce, Told::Nobody => false,
            },
        );
        // Who has lost the meeting to a colleague hears of it, unless they want to hear nothing.
        $left =
            $event->wasWith !== null &&
            $event->wasWith->id !== $event->booking->staff_id &&
            $event->wasWith->notify !== 'never'
                ? Reader::staff($event->wasWith)
                : null;
        $jobs = $readers === [] && $left === null ? [] : [WriteLetters::of($event, array_values($readers), $left)];
        if ($gathered && $event->occasion === Occasion::Booked) {
            $jobs[] = (new WriteSitting($event->booking->pass_id))->delay(Sitting::quiet());
        }
        $jobs === [] || Queue::bulk($jobs);
    }

    /** Whether its visitor pressed it themselves while their letter still waits. */
    private static function isGathered(BookingNews $event): bool
    {
        return $event->booking->letter_waits &&
            in_array($event->occasion, self::IN_THE_SITTING, true) &&
            $event->by->isPass($event->booking->pass_id);
    }

    /** @return list<Reader> */
    public static function readers(Booking $booking, Occasion $occasion): array
    {
        $readers = [];
        if (!in_array($occasion, self::NOT_FOR_VISITORS, true)) {
            $guests = $booking->wasRecentlyCreated
                ? []
                : $booking
                    ->guests()
                    ->with('pass')
                    ->whereNull('left_at')
                    ->get()
                    ->map(static fn(Guest $guest) => $guest->pass);
            foreach ([$booking->pass, ...$guests] as $pass) {
                if ($pass->email !== null) {
                    $readers[] = Reader::pass($pass);
                }
            }
        }
        // What they have said yes to stands in their calendar as a question until they hear that it is agreed.
        $agreed = $occasion === Occasion::Accepted && $booking->sheet->kind === SheetKind::Knock;
        foreach (in_array($occasion, self::NOT_FOR_HOSTS, true) && !$agreed ? [] : self::hosts($booking) as $host) {
            // A wish has to be answered, so it is told whatever the host's preference.
            if (
                $agreed ||
                $host->notify === 'each' ||
                ($occasion === Occasion::Asked && $host->id === $booking->staff_id)
            ) {
                $readers[] = Reader::staff($host);
            }
        }

        return $readers;
    }

    /** @return list<StaffMember> those who are at the meeting */
    public static function hosts(Booking $booking): array
    {
        $colleagues = $booking->sheet->colleagues->filter(
            static fn(SheetHost $one): bool => $one->role === HostRole::Must && $one->staff_id !== $booking->staff_id,
        );

        return [
            $booking->host,
            ...array_values($colleagues->map(static fn(SheetHost $one): StaffMember => $one->colleague)->all()),
        ];
    }
}
