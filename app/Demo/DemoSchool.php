<?php

declare(strict_types=1);

namespace App\Demo;

use App\Actions\BookingWish;
use App\Actions\BookSlot;
use App\Actions\PublishSheet;
use App\Actions\SheetStatement;
use App\Actions\WriteSheet;
use App\Models\Block;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\SheetTimetable;
use Ramsey\Uuid\Uuid;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Offer;
use Recess\Repeat\OnDates;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/**
 * Gannet Cove School: eight staff members, sixty families, and a conference evening next week, partly booked.
 *
 * All of it invented. The same on every machine on the same day, and never stale: filling again when the last
 * evening is over adds the next one and touches nothing else. Everything goes through the same doors as in
 * a school: sheets are written and published, times are booked, mail goes out.
 */
final class DemoSchool
{
    public const PASSWORD = 'low-tide-bell';

    private const ZONE = 'America/Halifax';

    public function __construct(
        private readonly WriteSheet $write,
        private readonly PublishSheet $publish,
        private readonly BookSlot $book,
    ) {
    }

    public static function firstSignIn(): string
    {
        return DemoPeople::STAFF[0][2];
    }

    /** @param  int  $now seconds since the epoch */
    public function fill(int $now): void
    {
        $school = School::query()->firstOrCreate(['name' => 'Gannet Cove School'], ['zone' => self::ZONE, 'country' => 'CA']);
        $today = $school->timeZone()->dateAt($now);
        $evening = $today->plusDays(8 - $today->weekday()->value + 3);

        $sheets = [];
        foreach (DemoPeople::STAFF as [$name, $subject, $email, $place]) {
            $host = StaffMember::query()->firstOrCreate(['email' => $email], [
                'school_id' => $school->id, 'name' => $name, 'subject' => $subject, 'password' => self::PASSWORD,
            ]);
            if (! $this->hasEveningAhead($host, $today)) {
                $sheets[] = ($this->publish)(($this->write)($host, $this->conferences($evening, $place)), $now);
            }
        }
        if ($sheets !== []) {
            $this->bookPartly($sheets, $evening, $now);
            $this->leaveADraft($evening);
        }
    }

    private function hasEveningAhead(StaffMember $host, LocalDate $today): bool
    {
        return $host->sheets()->where('state', SheetState::Open)->with('blocks')->get()
            ->flatMap(static fn (Sheet $sheet) => $sheet->blocks)
            ->contains(static fn (Block $block): bool => ! LocalDate::parse($block->pattern['on'][0])->isBefore($today));
    }

    private function conferences(LocalDate $evening, string $place): SheetStatement
    {
        $video = str_starts_with($place, 'https://');
        [, $month] = $evening->parts();
        $season = ['Winter', 'Spring', 'Summer', 'Autumn'][intdiv($month % 12, 3)];

        return new SheetStatement(
            title: "$season conferences",
            intro: 'Ten minutes to look at how the term has gone and what comes next. Bring your child if you like. Reports are handed out at the meeting, so there is nothing to print.',
            pattern: OnDates::of($evening),
            hours: Hours::between(LocalTime::of(16), LocalTime::of(19, 10)),
            cut: Cut::of(10, 5),
            placeKind: $video ? PlaceKind::Video : PlaceKind::Room,
            placeLabel: $video ? 'Video' : $place,
            placeLink: $video ? $place : null,
            directions: $video
                ? 'Open the link at your time, not earlier. If it fails, we ring you.'
                : 'Wait on the bench outside. Come five minutes early, not earlier.',
            seats: 1,
            lead: 24 * 60,
        );
    }

    /** @param  non-empty-list<Sheet>  $sheets */
    private function bookPartly(array $sheets, LocalDate $evening, int $now): void
    {
        $chance = new Randomizer(new Mt19937(1859));
        foreach (DemoPeople::families() as $number => [$parent, $student, $email, $phone]) {
            $theirs = [];
            foreach ($chance->pickArrayKeys($sheets, max(1, min(count($sheets), $chance->getInt(0, 2)))) as $index) {
                $sheet = $sheets[$index];
                $free = array_values(array_filter(
                    (new SheetTimetable($sheet, $now))->free(),
                    static fn (Offer $offer): bool => ! in_array($offer->slot->start, $theirs, true),
                ));
                // Every third family has not got round to it yet, and no evening is quite full.
                if ($number % 3 === 2 || count($free) < 5) {
                    continue;
                }
                $start = $free[$chance->getInt(0, count($free) - 1)]->slot->start;
                $theirs[] = $start;
                ($this->book)($sheet, new BookingWish(
                    start: $start,
                    placeId: $sheet->places()->firstOrFail()->id,
                    name: $parent,
                    email: $email,
                    phone: $phone,
                    student: $student,
                    requestKey: Uuid::uuid5(Uuid::NAMESPACE_URL, "demo/$evening/$email/$sheet->id")->toString(),
                ), $now);
            }
        }
    }

    private function leaveADraft(LocalDate $evening): void
    {
        $host = StaffMember::query()->where('email', self::firstSignIn())->firstOrFail();
        if ($host->sheets()->where('state', SheetState::Draft)->exists()) {
            return;
        }
        ($this->write)($host, new SheetStatement(
            title: 'Help before the mathematics test',
            intro: 'Bring the exercise you got stuck on.',
            pattern: OnDates::of($evening->plusDays(5)),
            hours: Hours::between(LocalTime::of(10, 25), LocalTime::of(11, 35)),
            cut: Cut::of(15),
            placeKind: PlaceKind::Room,
            placeLabel: 'Room 12',
            placeLink: null,
            directions: '',
            seats: 1,
            lead: 60,
        ));
    }
}
