<?php

declare(strict_types=1);

namespace Demo;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Framework\Clock;
use App\Line\CheckIn;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalTime;

/** A whole school's evening that is now, everybody there and waiting: for bin/recess bench desk. Says as JSON what there is to open. */
final class EveningCommand extends Command
{
    protected $signature = 'recess:evening {hosts=60} {each=10}';

    protected $description = 'An evening under way, to measure';

    private const TEN = 600;

    public function handle(WriteSheet $write, PublishSheet $publish, BookSlot $book, CheckIn $checkIn): int
    {
        if (config('recess.bench') !== true) {
            $this->error('Only an instance of bin/recess bench is filled so.');

            return self::FAILURE;
        }
        $now = Clock::now();
        $school = School::query()->where('name', DemoSchool::NAME)->firstOrFail();
        // It is today, and measured in the holidays too.
        SchoolDay::open($school, $school->timeZone()->dateAt($now), $school->timeZone()->dateAt($now + 86_400));
        $zone = $school->timeZone();
        $first = intdiv($now, self::TEN) * self::TEN;
        $minute = $zone->timeAt($first)->minute % 1440;
        $until = ($minute + 10 * (int) $this->argument('each')) % 1440;
        [$from, $to] = [
            LocalTime::of(intdiv($minute, 60), $minute % 60),
            LocalTime::of(intdiv($until, 60), $until % 60),
        ];
        $desks = $passes = [];
        for ($h = 0; $h < (int) $this->argument('hosts'); $h++) {
            $host = StaffMember::query()->create([
                'email' => "evening$h@gannetcove.example",
                'school_id' => $school->id,
                'name' => "Evening Host $h",
                'subject' => 'Everything',
                'password' => Str::random(),
                'came_at' => now(),
                'arrive_minutes' => 120,
            ]);
            $sheet = $publish(
                $write(
                    $host,
                    new SheetStatement(
                        title: "Evening $h",
                        intro: '',
                        blocks: [
                            Block::of(
                                OnDates::of($zone->dateAt($first)),
                                $to->minute > $from->minute ? Hours::between($from, $to) : Hours::overnight($from, $to),
                                Cut::of(10),
                            ),
                        ],
                        places: [new PlaceStatement(PlaceKind::Room, "Room $h")],
                        questions: UsualQuestions::all(),
                        rules: Stated::of(['lead_minutes' => 0]),
                        kind: SheetKind::Other,
                    ),
                    $now,
                ),
                $now,
            );
            for ($v = 0; $v < (int) $this->argument('each'); $v++) {
                $booking = $book(
                    $sheet,
                    new BookingWish(
                        $first + $v * self::TEN,
                        $sheet->places()->firstOrFail()->id,
                        "Visitor $h $v",
                        "v$h.$v@mail.example",
                        '',
                        "Student $h $v",
                        Str::uuid()->toString(),
                    ),
                    $first - 3600,
                );
                $checkIn(Booking::query()->findOrFail($booking->id), 'pass', $now);
                $passes[] = [
                    'desk' => $host->id,
                    'path' => '/api/p/' . $booking->pass->token(),
                    'channel' => Channel::pass($booking->pass),
                ];
            }
            $desks[] = ['id' => $host->id, 'channel' => Channel::desk($host->id)];
        }
        $this->line(json_encode(['desks' => $desks, 'passes' => $passes], JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }
}
