<?php

declare(strict_types=1);

namespace Demo;

use App\Directory\BringIn;
use App\Directory\Guardian;
use App\Directory\GuardianLine;
use App\Directory\Roll;
use App\Directory\RollPlan;
use App\Directory\Student;
use App\Directory\Teachers;
use App\Models\Instant;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Round;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Plans\RoundPageData;
use App\Plans\Shortlist;
use App\Rounds\PublishRound;
use App\Rounds\RoundHost;
use App\Rounds\RoundStatement;
use App\Rounds\SetInterpreters;
use App\Rounds\WriteRound;
use App\School\UsualQuestions;
use Illuminate\Database\Eloquent\Collection;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\Hours;
use Recess\Time\LocalTime;

/** The demo's spring round: twenty-four teachers and 180 families, whose wishes are in, ready to be allotted. */
final class DemoSpring
{
    private const TOPICS = [
        'Reading, and the move to the next class',
        'Homework in the evening',
        'How the first weeks went',
    ];

    public const TITLE = 'Spring round';

    private const CLASSES = ['10A', '10B', '11A', '11B', '12'];

    public function __construct(
        private readonly BringIn $bringIn,
        private readonly WriteRound $write,
        private readonly PublishRound $publish,
        private readonly SetInterpreters $interpreters,
    ) {}

    public function fill(School $school, int $now): void
    {
        $last = Round::query()
            ->where('school_id', $school->id)
            ->where('title', self::TITLE)
            ->orderByDesc('id')
            ->first();
        if ($last !== null && $last->begins() > $now) {
            return;
        }
        foreach (DemoPeople::MORE_STAFF as [$name, $subject, $email]) {
            StaffMember::query()->firstOrCreate(
                ['email' => $email],
                [
                    'school_id' => $school->id,
                    'name' => $name,
                    'subject' => $subject,
                    'password' => (string) config('recess.demo_sign_in.password'),
                    'came_at' => now(),
                ],
            );
        }
        Student::query()->where('school_id', $school->id)->where('number', 'GC-9060')->exists() ||
            $this->families($school, $now);
        $round = $this->round($school, $now);
        $this->ask($round);
        $this->interpret($school, $round);
        $this->wish($round, $now);
    }

    private function families(School $school, int $now): void
    {
        $roll = new Roll($school->country, whole: false);
        foreach (DemoPeople::moreFamilies() as $i => [$parent, $children, $email, $phone]) {
            $guardian = (string) $roll->guardian(new GuardianLine($i + 2, $parent, $email, $phone, 'en'));
            foreach ($children as $child => $student) {
                $key = (string) $roll->student(sprintf('GC-9%d%02d', $child, $i + 60), $student, $i + 2);
                $at = ($i + 2 * $child) % 5;
                $class = $roll->inClass($key, null, self::CLASSES[$at]);
                // Seven teachers of each class: five of these, and two of those who teach the younger ones.
                $older = array_map(static fn(int $one): string => DemoPeople::MORE_STAFF[($at + $one) % 16][2], [
                    0,
                    3,
                    6,
                    9,
                    13,
                ]);
                $younger = array_map(static fn(int $one): string => DemoPeople::STAFF[($at + $one) % 8][2], [1, 4]);
                foreach ([...$older, ...$younger] as $teacher) {
                    $roll->classes[$class]['teachers'][$teacher] = true;
                }
                $roll->looksAfter($guardian, $key);
            }
        }
        ($this->bringIn)(RollPlan::of($roll, $school), $now);
    }

    /** On a Tuesday and the Thursday after it, in five weeks or when the school is open again; wishes until the day after tomorrow. */
    private function round(School $school, int $now): Round
    {
        $zone = $school->timeZone();
        $today = $zone->dateAt($now);
        $first = SchoolDay::from($school, $today->plusDays(37 - $today->weekday()->value), step: 7, with: [2]);
        $hours = Stretches::of(
            Hours::between(LocalTime::of(15, 30), LocalTime::of(17)),
            Hours::between(LocalTime::of(17, 30), LocalTime::of(19, 30)),
        );
        $staff = StaffMember::query()
            ->where('school_id', $school->id)
            ->whereIn('email', array_column([...DemoPeople::STAFF, ...DemoPeople::MORE_STAFF], 2))
            ->orderBy('id')
            ->get();
        $round = ($this->write)(
            $school,
            new RoundStatement(
                self::TITLE,
                'Tell us whom you want to meet, and when you can come. Everybody hears of all their times at once.',
                [Block::of(OnDates::of($first, $first->plusDays(2)), $hours, Cut::of(10))],
                Stated::of(['per_student' => 1, 'guests' => 2, 'lead_minutes' => 120]),
                self::questions(),
                families: true,
                classes: [],
                staff: array_values(array_map(intval(...), $staff->modelKeys())),
                wishesUntil: $zone->instant($today->plusDays(2), 1080),
                breaks: true,
            ),
        );
        $rooms = array_column([...DemoPeople::STAFF, ...DemoPeople::MORE_STAFF], 3, 2);
        foreach (RoundHost::of($round) as $host) {
            $host->hasPlace() ||
                $host->update([
                    'label' => str_starts_with($rooms[$host->host->email], 'http')
                        ? 'Room 5'
                        : $rooms[$host->host->email],
                ]);
        }

        return ($this->publish)($round, $now);
    }

    private static function questions(): Questions
    {
        return new Questions([
            ...UsualQuestions::all()->all,
            new Question('q-topic', QuestionKind::Short, 'What would you like to talk about?'),
        ]);
    }

    private function interpret(School $school, Round $round): void
    {
        $noemie = $this->works($school, DemoPeople::INTERPRETER, 'Interpreter');
        $this->works($school, DemoPeople::FRONT_DESK, 'Front desk')->update(['reader' => true]);
        ($this->interpreters)($round, [['staff' => $noemie->id, 'language' => 'fr']]);
    }

    /** @param  array{string, string}  $who  name and e-mail address */
    private function works(School $school, array $who, string $as): StaffMember
    {
        [$name, $email] = $who;

        return StaffMember::query()->firstOrCreate(
            ['email' => $email],
            [
                'school_id' => $school->id,
                'name' => $name,
                'subject' => $as,
                'password' => (string) config('recess.demo_sign_in.password'),
                'came_at' => now(),
            ],
        );
    }

    /** Every fourth teacher needs to see two of their students, and one of them for twice as long. */
    private function ask(Round $round): void
    {
        foreach (RoundHost::of($round)->values() as $i => $host) {
            if ($i % 4 === 1) {
                $students = Student::query()
                    ->whereKey(Teachers::studentsOf($host->staff_id))
                    ->orderBy('number')
                    ->skip($i)
                    ->limit(2)
                    ->pluck('id')
                    ->all();
                $host->asked()->sync($students);
                $host->longer()->sync(array_fill_keys(array_slice($students, 0, 1), ['times' => 2]));
            }
        }
    }

    private function wish(Round $round, int $now): void
    {
        $chance = new Randomizer(new Mt19937(1860));
        $sheets = array_column(
            array_map(static fn(Sheet $one): array => [$one->staff_id, $one->slug], array_values($round->openSheets())),
            1,
            0,
        );
        $dates = RoundPageData::dates($round, $now);
        $rows = [];
        /** @var Collection<int, Guardian> $guardians */
        $guardians = Guardian::query()
            ->where('school_id', $round->school_id)
            ->with('students.classes')
            ->orderBy('id')
            ->get();
        foreach ($guardians as $i => $guardian) {
            $picks = [];
            foreach (Teachers::of($guardian->students) as $student => $teachers) {
                $theirs = array_values(array_intersect_key($sheets, array_flip($teachers)));
                // Of large families each child has its two most important ones, of others up to three.
                $most = min(count($theirs), count($guardian->students) > 2 ? 2 : $chance->getInt(2, 3));
                foreach ($most === 0 ? [] : array_slice($chance->shuffleArray($theirs), 0, $most) as $slug) {
                    $picks[] = ['sheet' => $slug, 'student' => (string) $guardian->students->find($student)?->name()];
                }
            }
            // Some have not got round to it, and second guardians leave it to the first.
            if ($picks !== [] && $i % 15 !== 7 && !str_starts_with((string) $guardian->email, 'second-')) {
                $windows = array_map(
                    static fn(array $date): array => [
                        'date' => $date['date'],
                        'from' => $i % 6 === 4 ? '17:00' : '15:30',
                        'until' => '19:30',
                    ],
                    $i % 7 === 3 ? [$dates[$i % 2]] : $dates,
                );
                $asked = [
                    'picks' => $chance->shuffleArray($picks),
                    'windows' => $windows,
                    'walk' => 5,
                    'breather' => 0,
                    'prefer' => 'evenings',
                    'interpreter' => $i % 23 === 5 ? 'fr' : '',
                    'about' =>
                        $i % 5 !== 2
                            ? []
                            : [['student' => $picks[0]['student'], 'answers' => ['q-topic' => self::TOPICS[$i % 3]]]],
                ];
                $rows[$guardian->id] = json_encode($asked, JSON_THROW_ON_ERROR);
            }
        }
        // As their pages keep them, without a letter to each: the demo's mailroom is for what is pressed there.
        $at = Instant::column($now - 86_400);
        foreach ($guardians->find(array_keys($rows)) as $guardian) {
            Shortlist::query()->insert([
                'round_id' => $round->id,
                'pass_id' => $guardian->pass()->id,
                'asked' => $rows[$guardian->id],
                'wished' => $rows[$guardian->id],
                'wished_at' => $at,
                'created_at' => $at,
                'updated_at' => $at,
            ]);
        }
    }
}
