<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Clock;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\Ending;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Weekday;

/** For bin/recess bench school: staff, each with conferences and a term of office hours, and bookings on them. */
final class LargeSchoolCommand extends Command
{
    public const ROUND = 'Large school conferences';

    public const PASSWORD = 'chalk-and-slate';

    protected $signature = 'recess:large-school {times : how many times as large it is to be} {--had=0 : how many times it is there already} {--staff=120} {--bookings=8000}';

    protected $description = 'The school that bench school looks at';

    protected $hidden = true;

    public function handle(WriteSheet $write, PublishSheet $publish): int
    {
        if (config('recess.demo') !== true) {
            $this->error('The large school is for instances with made-up people alone.');

            return self::FAILURE;
        }
        $now = Clock::now();
        $school = School::query()->firstOrFail();
        $today = $school->timeZone()->dateAt($now);
        // The evening of the round: two weeks ahead or more, within what can be booked, and never while the school is closed.
        $evening = SchoolDay::from($school, $today->plusDays(14));
        [$had, $times] = [(int) $this->option('had'), (int) $this->argument('times')];
        $staff = (int) $this->option('staff');
        $password = Hash::make(self::PASSWORD);
        $slots = [];
        for ($i = $had * $staff; $i < $times * $staff; $i++) {
            $host = StaffMember::query()->create([
                'school_id' => $school->id,
                'name' => "Teacher $i",
                'subject' => 'Subject ' . $i % 15,
                'email' => "teacher$i@large.example",
                'password' => $password,
                'came_at' => now(),
            ]);
            foreach ([$this->conferences($evening, $i), $this->officeHours($today, $i)] as $statement) {
                $sheet = $publish($write($host->refresh(), $statement, $now), $now);
                foreach ($sheet->toCore()->pieces($today->plusDays(1), $today->plusDays(200)) as $pieces) {
                    array_push($slots, ...array_map(static fn(Span $slot): array => [$sheet, $slot], $pieces->slots));
                }
            }
        }
        $this->book($slots, ($times - $had) * (int) $this->option('bookings'), $times);
        $this->line(
            json_encode(
                [
                    'sheet' => Sheet::query()->where('title', 'Office hours of teacher 0')->value('slug'),
                    'door' => StaffMember::query()->where('email', 'teacher0@large.example')->value('slug'),
                    'round' => self::ROUND,
                    'date' => (string) $evening,
                    'email' => 'teacher0@large.example',
                    'password' => self::PASSWORD,
                    'sheets' => Sheet::query()->count(),
                    'bookings' => DB::table('bookings')->count(),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }

    private function conferences(LocalDate $evening, int $number): SheetStatement
    {
        return new SheetStatement(
            title: self::ROUND,
            intro: 'Please come on time.',
            kind: SheetKind::Conferences,
            blocks: [
                Block::of(OnDates::of($evening), Hours::between(LocalTime::of(17), LocalTime::of(20)), Cut::of(10)),
            ],
            places: [new PlaceStatement(PlaceKind::Room, "Room $number")],
            questions: UsualQuestions::all(),
            rules: Stated::of(['per_student' => 1]),
        );
    }

    private function officeHours(LocalDate $today, int $number): SheetStatement
    {
        return new SheetStatement(
            title: "Office hours of teacher $number",
            intro: '',
            kind: SheetKind::OfficeHours,
            blocks: [
                Block::of(
                    Weekly::on([Weekday::Tuesday, Weekday::Thursday], $today, Ending::until($today->plusDays(180))),
                    Hours::between(LocalTime::of(10, 25), LocalTime::of(11, 35)),
                    Cut::of(15),
                ),
            ],
            places: [
                new PlaceStatement(PlaceKind::Room, "Room $number"),
                new PlaceStatement(PlaceKind::Phone, 'By phone'),
            ],
            questions: UsualQuestions::all(),
            rules: Stated::of(),
        );
    }

    /** @param  list<array{Sheet, Span}>  $slots */
    private function book(array $slots, int $bookings, int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $pass = Pass::query()->create([
            'name' => 'Large Family',
            'email' => "family$seed@large.example",
            'phone' => '+1 902 555 0100',
        ]);
        $hold = (int) DB::table('holds')->max('id') + 1;
        foreach (
            array_chunk($slots === [] ? [] : $chance->pickArrayKeys($slots, max(1, min($bookings, count($slots)))), 500)
            as $some
        ) {
            $rows = ['holds' => [], 'seats' => [], 'bookings' => []];
            foreach ($some as $key) {
                [$sheet, $slot] = $slots[$key];
                $span = ['starts_at' => Instant::column($slot->start), 'ends_at' => Instant::column($slot->end)];
                $rows['holds'][] = ['id' => $hold, 'staff_id' => $sheet->staff_id, 'sheet_id' => $sheet->id] + $span;
                $rows['seats'][] = ['hold_id' => $hold, 'seat' => 1];
                $rows['bookings'][] =
                    [
                        'sheet_id' => $sheet->id,
                        'staff_id' => $sheet->staff_id,
                        'pass_id' => $pass->id,
                        'place_id' => $sheet->places->firstOrFail()->id,
                        'hold_id' => $hold,
                        'seat' => 1,
                        'student' => "Student $hold",
                        'student_key' => "student $hold",
                        'state' => 'booked',
                        'uid' => Str::uuid()->toString(),
                        'request_key' => Str::uuid()->toString(),
                        'request_digest' => '',
                        'created_at' => Instant::column(Clock::now()),
                        'updated_at' => Instant::column(Clock::now()),
                    ] + $span;
                $hold++;
            }
            foreach ($rows as $table => $all) {
                DB::table($table)->insert($all);
            }
        }
    }
}
