<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Spell;
use App\Framework\Words;
use App\Line\DayOf;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\HostRole;
use App\Models\PlaceKind;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Models\Turn;
use App\Sharing\BookingTable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** The meetings of a day in the order of time, as a host, a sheet or the whole school has them: for paper and for tables. */
final readonly class RunSheet
{
    private const MOST = 2000;

    /** @param  Collection<int, Booking>  $bookings */
    private function __construct(
        public string $title,
        public DayOf $day,
        public Collection $bookings,
        private StaffMember $reader,
        private ?MeetingNotes $notes,
        private bool $many,
    ) {}

    /** All that the reader has to be at. */
    public static function ofReader(StaffMember $reader, DayOf $day, bool $notes = false): self
    {
        $bookings = self::meetings(
            $day,
            static fn(Builder $one) => $one->where(
                static fn($any) => $any
                    ->where('staff_id', $reader->id)
                    ->orWhereHas(
                        'sheet.colleagues',
                        static fn($colleague) => $colleague
                            ->where('staff_id', $reader->id)
                            ->where('role', HostRole::Must),
                    ),
            ),
        );
        $title = Words::say('day.run_own', ['host' => $reader->name]);

        return new self($title, $day, $bookings, $reader, $notes ? MeetingNotes::of($reader, $bookings) : null, false);
    }

    public static function ofSheet(StaffMember $reader, Sheet $sheet, DayOf $day, bool $notes = false): self
    {
        $bookings = self::meetings($day, static fn(Builder $one) => $one->where('sheet_id', $sheet->id));
        $theirs = $notes ? MeetingNotes::of($reader, $bookings) : null;

        return new self($sheet->title, $day, $bookings, $reader, $theirs, $sheet->canChooseHost());
    }

    public static function ofSchool(StaffMember $reader, DayOf $day): self
    {
        $bookings = self::meetings(
            $day,
            static fn(Builder $one) => $one->whereHas(
                'host',
                static fn($host) => $host->where('school_id', $reader->school_id),
            ),
        );

        return new self($reader->school->name, $day, $bookings, $reader, null, true);
    }

    /**
     * @param  \Closure(Builder<Booking>): mixed  $which
     * @return Collection<int, Booking>
     */
    private static function meetings(DayOf $day, \Closure $which): Collection
    {
        return $day
            ->meetings()
            ->tap($which)
            ->with(['sheet.host.school', 'host', 'place', 'pass', 'guests.pass', 'turn'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->limit(self::MOST)
            ->get();
    }

    /** @return list<array<string, mixed>> as RunSheetRow in docs/formats/recess.openapi.yaml */
    public function rows(): array
    {
        return array_values(
            $this->bookings
                ->map(
                    fn(Booking $one): array => [
                        'id' => $one->id,
                        'from' => (string) $this->day->zone->timeAt($one->span()->start),
                        'until' => (string) $this->day->zone->timeAt($one->span()->end),
                        'student' => $one->student,
                        'who' => $one->pass->name,
                        'guests' => array_values(
                            $one->guests
                                ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                                ->map(static fn(Guest $guest): string => $guest->pass->name)
                                ->all(),
                        ),
                        'phone' => $one->pass->phone,
                        'host' => $this->many ? $one->host->name : '',
                        'place' => $one->place->label,
                        'answers' => BookingTable::answers($one->sheet, $one, $this->reader),
                        'arrived' => self::arrival($one->turn, $this->day),
                        'outcome' => self::outcome($one->turn),
                        'note' => $this->notes?->about($one)['note'] ?? '',
                    ],
                )
                ->all(),
        );
    }

    /** @return iterable<list<string|LocalDate|LocalTime>> a heading, then a row each */
    public function table(): iterable
    {
        yield Words::each(
            'tables',
            'date',
            'from',
            'to',
            'host',
            'student',
            'visitor',
            'phone',
            'place',
            'answers',
            'arrived',
            'became',
        );
        foreach ($this->bookings as $one) {
            $zone = $this->day->zone;
            $answers = BookingTable::answers($one->sheet, $one, $this->reader);
            yield [
                $zone->dateAt($one->span()->start),
                $zone->timeAt($one->span()->start),
                $zone->timeAt($one->span()->end),
                $one->host->name,
                $one->student,
                $one->pass->name,
                $one->pass->phone,
                $one->place->label,
                implode(
                    '; ',
                    array_map(
                        static fn(string $question, string $answer): string => "$question: $answer",
                        array_keys($answers),
                        $answers,
                    ),
                ),
                self::arrival($one->turn, $this->day),
                self::outcome($one->turn),
            ];
        }
    }

    /** @return array<string, list<string>> by host and place: when somebody is in there; nobody's name stands on a door */
    public function doors(): array
    {
        $doors = [];
        foreach (
            $this->bookings->filter(static fn(Booking $one): bool => $one->place->kind === PlaceKind::Room)
            as $one
        ) {
            $doors[$one->host->name . "\n" . $one->place->label][] = Spell::time($one->span()->start, $this->day->zone);
        }

        return array_map(static fn(array $times): array => array_values(array_unique($times)), $doors);
    }

    private static function arrival(?Turn $turn, DayOf $day): string
    {
        return $turn?->arrived_at === null ? '' : (string) $day->zone->timeAt($turn->arrived_at->getTimestamp());
    }

    private static function outcome(?Turn $turn): string
    {
        return $turn?->outcome === null ? '' : Words::say("day.outcome_{$turn->outcome->value}");
    }
}
