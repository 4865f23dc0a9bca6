<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Clock;
use App\Framework\SlotKey;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalTime;

/** For bin/recess bench rush: writes a round of sheets, and reads afterwards what really stands in the tables. */
final class RushCommand extends Command
{
    protected $signature = 'recess:rush {what : write or count} {--run= : a name for this rush} {--hosts=20}';

    protected $description = 'The round that bench rush presses on';

    protected $hidden = true;

    public function handle(WriteSheet $write, PublishSheet $publish): int
    {
        if (config('recess.demo') !== true) {
            $this->error('The rush is for instances with made-up people alone.');

            return self::FAILURE;
        }
        $this->line(
            json_encode(
                $this->argument('what') === 'write' ? $this->write($write, $publish) : $this->counted(),
                JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }

    private function rushName(): string
    {
        $name = $this->option('run');

        return is_string($name) ? $name : '';
    }

    /** @return list<array{slug: string, place: int, slots: list<string>}> hosts with 30 slots each */
    private function write(WriteSheet $write, PublishSheet $publish): array
    {
        $now = Clock::now();
        $school = School::query()->firstOrFail();
        $run = $this->rushName();
        $date = SchoolDay::from($school, $school->timeZone()->dateAt($now)->plusDays(14));
        $sheets = [];
        for ($i = 0; $i < (int) $this->option('hosts'); $i++) {
            $host = StaffMember::query()->firstOrCreate(
                ['email' => "host$i.$run@rush.example"],
                [
                    'school_id' => $school->id,
                    'name' => "Host $i $run",
                    'subject' => 'Rush',
                    'password' => bin2hex(random_bytes(12)),
                    'notify' => 'each',
                ],
            );
            $sheet = $publish(
                $write(
                    $host->refresh(),
                    new SheetStatement(
                        title: "Rush $run",
                        intro: '',
                        blocks: [
                            Block::of(
                                OnDates::of($date),
                                Hours::between(LocalTime::of(14), LocalTime::of(19)),
                                Cut::of(10),
                            ),
                        ],
                        places: [new PlaceStatement(PlaceKind::Room, "Room $i")],
                        questions: UsualQuestions::all(),
                        rules: Stated::of(),
                    ),
                    $now,
                ),
                $now,
            );
            $sheets[] = [
                'slug' => $sheet->slug,
                'place' => $sheet->places->firstOrFail()->id,
                'slots' => array_map(
                    static fn(int $n): string => SlotKey::of($school->timeZone()->instant($date, 14 * 60 + $n * 10)),
                    range(0, 29),
                ),
            ];
        }

        return $sheets;
    }

    /** @return array<string, mixed> */
    private function counted(): array
    {
        $sheets = Sheet::query()
            ->where('title', 'Rush ' . $this->rushName())
            ->pluck('id');
        $booked = Booking::query()->whereIn('sheet_id', $sheets)->where('state', BookingState::Booked);

        return [
            'booked' => (clone $booked)->count(),
            'slots' => (clone $booked)->distinct()->count(DB::raw('CONCAT(sheet_id, starts_at)')),
            'keys' => (clone $booked)->pluck('request_key')->all(),
            'overlaps' => DB::selectOne(
                'SELECT COUNT(*) AS n FROM holds a JOIN holds b ON a.staff_id = b.staff_id AND a.id < b.id AND a.starts_at < b.ends_at AND b.starts_at < a.ends_at',
            )->n,
            'jobs' => DB::table('jobs')->count(),
            'failed' => DB::table('failed_jobs')->count(),
            'mails' => DB::table('mailroom_messages')->where('recipient', 'like', '%@rush.example')->count(),
            'mails_twice' => DB::table('mailroom_messages')
                ->where('recipient', 'like', 'visitor%@rush.example')
                ->groupBy('recipient', 'subject')
                ->havingRaw('COUNT(*) > 1')
                ->get(['recipient'])
                ->count(),
        ];
    }
}
