<?php

declare(strict_types=1);

namespace Demo;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Line\CallIn;
use App\Line\CheckIn;
use App\Line\DayOf;
use App\Line\DeskDay;
use App\Line\MarkOutcome;
use App\Line\TurnKey;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Outcome;
use App\Models\PlaceKind;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalTime;

/** Somebody whose meetings are today, around now, so that there is a desk to look at: some are over, one is under way, two wait. */
final class DemoDay
{
    private const HOST = ['Pilar Ondarza', 'Careers', 'pilar.ondarza@gannetcove.example'];

    private const TEN = 600;

    public function __construct(
        private readonly WriteSheet $write,
        private readonly PublishSheet $publish,
        private readonly BookSlot $book,
        private readonly CheckIn $checkIn,
        private readonly CallIn $callIn,
        private readonly MarkOutcome $mark,
    ) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @param  bool  $begun  whether some of it is over already
     */
    public function fill(School $school, int $now, bool $begun): void
    {
        [$name, $subject, $email] = self::HOST;
        $host = StaffMember::query()->firstOrCreate(
            ['email' => $email],
            [
                'school_id' => $school->id,
                'name' => $name,
                'subject' => $subject,
                'password' => (string) config('recess.demo_sign_in.password'),
                'came_at' => now(),
            ],
        );
        $day = DayOf::at($now, $school->timeZone());
        $today = Booking::query()
            ->where('staff_id', $host->id)
            ->where('state', BookingState::Booked)
            ->where('starts_at', '>=', Instant::column($day->span->start))
            ->where('starts_at', '<', Instant::column($day->span->end));
        if ($today->exists()) {
            return;
        }
        // Of the days before.
        Sheet::query()
            ->where('staff_id', $host->id)
            ->update(['put_away_at' => Instant::column($now)]);
        $first = intdiv($now, self::TEN) * self::TEN - 5 * self::TEN;
        $date = $school->timeZone()->dateAt($first);
        SchoolDay::open($school, $date, $date->plusDays(1));
        $sheet = $this->sheet($host->refresh(), $school, $first, $now);
        $bookings = [];
        foreach ([0, 1, 2, 3, 4, 5, 6, 7, 9, 12] as $number => $slot) {
            $bookings[] = $this->booked($sheet, $number, $first + $slot * self::TEN, $first - 3600);
        }
        // In the hour in which one day at the desk ends and the next begins nobody has come yet.
        if ($begun && $day->span->holds($first - self::TEN) && $day->span->holds($first + 7 * self::TEN)) {
            $this->untilNow($host, $bookings, $first);
        }
    }

    private function sheet(StaffMember $host, School $school, int $first, int $now): Sheet
    {
        $zone = $school->timeZone();
        $from = $zone->timeAt($first)->minute % 1440;
        $until = ($from + 240) % 1440;
        [$from, $until] = [
            LocalTime::of(intdiv($from, 60), $from % 60),
            LocalTime::of(intdiv($until, 60), $until % 60),
        ];
        $hours = $until->minute > $from->minute ? Hours::between($from, $until) : Hours::overnight($from, $until);

        return ($this->publish)(
            ($this->write)(
                $host,
                new SheetStatement(
                    title: 'What comes after school',
                    intro: 'Ten minutes about courses, trades and the boats that look for hands.',
                    blocks: [Block::of(OnDates::of($zone->dateAt($first)), $hours, Cut::of(10))],
                    places: [
                        new PlaceStatement(
                            PlaceKind::Room,
                            'Lookout room',
                            null,
                            'Please sit by the chart table until you are called in.',
                        ),
                        new PlaceStatement(PlaceKind::Video, 'Video', null, 'The room opens when you are called in.'),
                    ],
                    questions: new Questions([
                        ...UsualQuestions::all()->all,
                        new Question('about', QuestionKind::Short, 'What would you like to talk about?', '', false),
                    ]),
                    rules: Stated::of(['lead_minutes' => 0, 'link_shown' => 'called', 'guests' => 1]),
                    kind: SheetKind::Other,
                ),
                $now,
            ),
            $now,
        );
    }

    private function booked(Sheet $sheet, int $number, int $start, int $then): Booking
    {
        [$parent, $student, , $phone] = DemoPeople::families()[$number + 20];
        $places = $sheet->places()->get();

        return ($this->book)(
            $sheet,
            new BookingWish(
                start: $start,
                placeId: $places[$number % 4 === 3 ? 1 : 0]->id ?? $places[0]->id,
                name: $parent,
                email: sprintf('talk%02d@mail.example', $number + 1),
                phone: $phone,
                student: $student,
                requestKey: Str::uuid()->toString(),
                answers: [
                    'about' => [
                        'A place on a survey vessel',
                        'Nursing, and how far away',
                        'The joiner’s workshop',
                        'A year abroad first',
                        'Marks in physics',
                        'Boat building',
                        'Grants',
                        'A gap year',
                        'The harbour office',
                        'Teaching',
                    ][$number],
                ],
            ),
            $then,
        );
    }

    /** @param  list<Booking>  $bookings */
    private function untilNow(StaffMember $host, array $bookings, int $first): void
    {
        $revision = static fn(): int => (int) DeskDay::query()
            ->where('staff_id', $host->id)
            ->orderByDesc('id')
            ->value('revision');
        foreach ([[0, 60, 1], [1, 780, 1], [3, 1680, 1], [4, 2400, 1]] as [$number, $after]) {
            ($this->checkIn)($bookings[$number], 'pass', $bookings[$number]->span()->start - 240);
            ($this->callIn)($host, $revision(), [TurnKey::of($bookings[$number])], $first + $after);
        }
        ($this->mark)($host, $revision(), [TurnKey::of($bookings[2])], Outcome::Missed, $first + 2400);
        ($this->checkIn)($bookings[5], 'kiosk', $bookings[5]->span()->start - 420);
        ($this->checkIn)($bookings[6], 'pass', $bookings[6]->span()->start - 600);
        DB::table('changes')
            ->where('about', 'like', "desk|$host->id|%")
            ->delete();
    }
}
