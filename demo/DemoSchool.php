<?php

declare(strict_types=1);

namespace Demo;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Calendars\ReadCalendar;
use App\Directory\BringIn;
use App\Directory\SchoolClass;
use App\Models\Calendar;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\SavedPlace;
use App\Timetables\Asking;
use App\Timetables\Judge;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Offer;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/**
 * Gannet Cove School: eight staff members, sixty families, and a conference evening next week, partly booked.
 *
 * All of it invented. The same on every machine on the same day, and never stale: filling again when the last
 * evening is over adds the next one and touches nothing else. Everything goes through the same doors as in
 * a school: sheets are written and published, times are booked, mail goes out.
 */
final class DemoSchool
{
    public const NAME = 'Gannet Cove School';

    private const ZONE = 'America/Halifax';

    public function __construct(
        private readonly WriteSheet $write,
        private readonly PublishSheet $publish,
        private readonly BookSlot $book,
        private readonly ReadCalendar $read,
        private readonly BringIn $bringIn,
    ) {}

    /** @param  int  $now seconds since the epoch */
    public function fill(int $now): void
    {
        $today = Zone::of(self::ZONE)->dateAt($now);
        $school = $this->school($today);
        DemoDirectory::fill($school, $this->bringIn, $now);
        // Thursday of next week, with the two days before it; or when the school is open again.
        $evening = SchoolDay::from($school, $today->plusDays(8 - $today->weekday()->value + 3), 7, with: [-1, -2]);

        $sheets = [];
        foreach (DemoPeople::STAFF as $number => [$name, $subject, $email, $place]) {
            $host = StaffMember::query()->firstOrCreate(
                ['email' => $email],
                [
                    'school_id' => $school->id,
                    'name' => $name,
                    'subject' => $subject,
                    'password' => (string) config('recess.demo_sign_in.password'),
                    'came_at' => now(),
                    'title' => $number === 0 ? 'Head of mathematics' : '',
                    'office' => $subject === 'Guidance',
                ],
            );
            if (!$this->hasEveningAhead($host, $today)) {
                $sheets[] = ($this->publish)(
                    ($this->write)($host, DemoSheets::conferences($evening, $place), $now),
                    $now,
                );
            }
        }
        if ($sheets === []) {
            return;
        }
        $this->bookPartly($sheets, $evening, $now);
        if (Sheet::query()->where('state', SheetState::Draft)->doesntExist()) {
            $this->moreSheets($school, $today, $evening, $now);
        }
    }

    /** Two terms around today, and the days between on which the school is closed. */
    private function school(LocalDate $today): School
    {
        [$year, $month] = $today->parts();
        // The school year that is under way; in the summer, the one that comes.
        $year = $month >= 7 ? $year : $year - 1;
        $next = $year + 1;

        return School::query()->firstOrCreate(
            ['name' => self::NAME],
            [
                'zone' => self::ZONE,
                'country' => 'CA',
                'phone' => '+1 902-555-0100',
                // Who tries it out has no mailbox but the demo's own.
                'confirm_addresses' => false,
                'terms' => [
                    ['name' => 'Autumn term', 'first' => "$year-09-07", 'last' => "$year-12-18"],
                    ['name' => 'Spring term', 'first' => "$next-01-04", 'last' => "$next-06-25"],
                ],
                'closed_days' => [
                    ['name' => 'Herring festival', 'first' => "$year-10-12", 'last' => "$year-10-12"],
                    ['name' => 'Winter holidays', 'first' => "$year-12-19", 'last' => "$next-01-03"],
                    ['name' => 'Storm week', 'first' => "$next-03-15", 'last' => "$next-03-19"],
                ],
            ],
        );
    }

    private function hasEveningAhead(StaffMember $host, LocalDate $today): bool
    {
        return $host
            ->sheets()
            ->where('state', SheetState::Open)
            ->where('title', 'like', '%conferences')
            ->with('blocks')
            ->get()
            ->contains(
                static fn(Sheet $sheet): bool => $sheet->coreBlocks()[0]->pattern->last()?->isBefore($today) === false,
            );
    }

    /** @param  non-empty-list<Sheet>  $sheets */
    private function bookPartly(array $sheets, LocalDate $evening, int $now): void
    {
        $chance = new Randomizer(new Mt19937(1859));
        foreach (DemoPeople::families() as $number => [$parent, $student, $email, $phone]) {
            foreach ($chance->pickArrayKeys($sheets, max(1, min(count($sheets), $chance->getInt(0, 2)))) as $index) {
                $sheet = $sheets[$index];
                $place = $sheet->places()->firstOrFail()->id;
                $free = self::free($sheet, $now, Asking::visitor(null, $email, $student, $place)->across());
                // Every third family has not got round to it yet, and no evening is quite full.
                if ($number % 3 === 2 || count($free) < 5) {
                    continue;
                }
                ($this->book)(
                    $sheet,
                    new BookingWish(
                        start: $free[$chance->getInt(0, count($free) - 1)]->slot->start,
                        placeId: $place,
                        name: $parent,
                        email: $email,
                        phone: $phone,
                        student: $student,
                        requestKey: Uuid::uuid5(Uuid::NAMESPACE_URL, "demo/$evening/$email/$sheet->id")->toString(),
                    ),
                    $now,
                );
            }
        }
    }

    private function moreSheets(School $school, LocalDate $today, LocalDate $evening, int $now): void
    {
        $staff = StaffMember::query()->where('school_id', $school->id)->get()->keyBy('subject');
        $maths = $staff['Mathematics'];
        $last = $today->plusDays(150);
        ($this->write)($maths, DemoSheets::draft($evening->plusDays(5)), $now);
        $hours = ($this->publish)(
            ($this->write)($maths, DemoSheets::officeHours($today->plusDays(1), $last), $now),
            $now,
        );
        ($this->publish)(
            ($this->write)($staff['Marine biology'], DemoSheets::tideWalk($evening->plusDays(-1)), $now),
            $now,
        );
        ($this->publish)(
            ($this->write)(
                $staff['Guidance'],
                DemoSheets::guidance($today->plusDays(1), $last, $staff['Music']->id),
                $now,
            ),
            $now,
        );
        $class = SchoolClass::here($school->id)->where('name', '8A')->firstOrFail();
        ($this->publish)(
            ($this->write)($staff['English'], DemoSheets::readingPlans($evening->plusDays(-2), $class->id), $now),
            $now,
        );
        ($this->publish)(
            ($this->write)($staff['Guidance'], DemoSheets::timetableTalks($evening->plusDays(-1)), $now),
            $now,
        );
        foreach (
            [['Room 12', $maths->id], ['Hall, by the window', null], ['Library, back table', null]]
            as [$label, $owner]
        ) {
            SavedPlace::query()->firstOrCreate(
                ['school_id' => $school->id, 'label' => $label, 'staff_id' => $owner],
                ['kind' => PlaceKind::Room],
            );
        }
        SavedPlace::query()->firstOrCreate(
            ['school_id' => $school->id, 'label' => 'By phone', 'staff_id' => null],
            ['kind' => PlaceKind::Phone, 'directions' => 'We ring the number you give.'],
        );
        $calendar = Calendar::query()->firstOrCreate(
            ['staff_id' => $maths->id, 'name' => 'My week'],
            ['address' => url('/stand-in/calendar.ics')],
        );
        ($this->read)($calendar, DemoCalendar::feed($school->timeZone(), $now), $now);
        $this->bookOfficeHours($hours, $now);
    }

    private function bookOfficeHours(Sheet $sheet, int $now): void
    {
        $places = $sheet->places()->get();
        foreach (array_slice(DemoPeople::families(), 40, 4) as $i => [, $student, $email]) {
            $free = self::free($sheet, $now, Asking::host());
            ($this->book)(
                $sheet,
                new BookingWish(
                    start: $free[$i * 2]->slot->start,
                    placeId: $places[$i % 2]->id,
                    name: $student,
                    email: "student-$email",
                    phone: '',
                    student: '',
                    requestKey: Uuid::uuid5(Uuid::NAMESPACE_URL, "demo/hours/$email/$sheet->id")->toString(),
                    answers: [
                        'about' => ['The last homework', 'Fractions again', 'A question on the project', 'The test'][
                            $i
                        ],
                        'course' => 'Mathematics 9',
                    ],
                ),
                $now,
            );
        }
    }

    /** @return list<Offer> what can be had on its first days */
    private static function free(Sheet $sheet, int $now, Asking $who): array
    {
        return Judge::page($sheet, null, 14, $now, $who)[0]->free();
    }
}
