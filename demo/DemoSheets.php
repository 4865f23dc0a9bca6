<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Audience;
use App\Models\HostRole;
use App\Models\LinkMode;
use App\Models\PlaceKind;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\SheetKind;
use App\School\UsualQuestions;
use App\Writing\ForWhom;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Recess\Repeat\Ending;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/** The sheets of the demo, as their hosts would state them. */
final class DemoSheets
{
    public static function conferences(LocalDate $evening, string $place): SheetStatement
    {
        $video = str_starts_with($place, 'https://');
        [, $month] = $evening->parts();
        $season = ['Winter', 'Spring', 'Summer', 'Autumn'][intdiv($month % 12, 3)];

        return new SheetStatement(
            title: "$season conferences",
            intro: 'Ten minutes to look at how the term has gone and what comes next. Bring your child if you like. Reports are handed out at the meeting, so there is nothing to print.',
            blocks: [Block::of(OnDates::of($evening), self::hours('16:00', '19:10'), Cut::of(10, 5))],
            places: [
                $video
                    ? new PlaceStatement(
                        PlaceKind::Video,
                        'Video',
                        $place,
                        'Open the link at your time, not earlier. If it fails, we ring you.',
                    )
                    : new PlaceStatement(
                        PlaceKind::Room,
                        $place,
                        null,
                        'Wait on the bench outside. Come five minutes early, not earlier.',
                    ),
            ],
            questions: UsualQuestions::all(),
            rules: Stated::of(['per_student' => 1, 'guests' => 2]),
        );
    }

    public static function officeHours(LocalDate $first, LocalDate $last): SheetStatement
    {
        return new SheetStatement(
            title: 'Office hours',
            intro: 'For anything that does not fit into a lesson. Bring the exercise you got stuck on.',
            blocks: [
                Block::of(
                    Weekly::on([Weekday::Tuesday, Weekday::Thursday], $first, Ending::until($last)),
                    Stretches::of(Hours::between(LocalTime::of(10, 25), LocalTime::of(11, 35))),
                    Cut::of(15),
                )->onWeekday(
                    Weekday::Thursday,
                    Stretches::of(Hours::between(LocalTime::of(13), LocalTime::of(14, 10))),
                ),
            ],
            places: [
                new PlaceStatement(PlaceKind::Room, 'Room 12', null, 'The door is open; come in.'),
                new PlaceStatement(PlaceKind::Video, 'Video', null, 'The room opens at your time.', LinkMode::Each),
            ],
            questions: new Questions([
                new Question('about', QuestionKind::Short, 'What is it about?', '', true),
                new Question('course', QuestionKind::Choice, 'Which course?', '', false, true, [
                    'Mathematics 9',
                    'Mathematics 10',
                    'Advanced mathematics',
                ]),
            ]),
            rules: Stated::of(['lead_minutes' => 120, 'furthest_days' => 30]),
            kind: SheetKind::OfficeHours,
        );
    }

    public static function tideWalk(LocalDate $date): SheetStatement
    {
        return new SheetStatement(
            title: 'Tide pool help session',
            intro: 'For those who missed the tide walk: we go through the field notes together.',
            blocks: [Block::of(OnDates::of($date, $date->plusDays(7)), self::hours('15:30', '17:00'), Cut::of(45))],
            places: [new PlaceStatement(PlaceKind::Room, 'Tide room', null, 'Boots stay outside.')],
            questions: new Questions([new Question('student', QuestionKind::Student, 'Student’s name', '', true)]),
            rules: Stated::of(['seats' => 5, 'lead_minutes' => 60, 'show_who' => true]),
            kind: SheetKind::Other,
        );
    }

    /** @param  int  $colleague  whom one can talk to as well */
    public static function guidance(LocalDate $first, LocalDate $last, int $colleague): SheetStatement
    {
        return new SheetStatement(
            title: 'Guidance: a talk about what comes next',
            intro: 'With one of the two of us; choose, or take whoever is free. Write in a line or two what it is about. We answer within two days.',
            blocks: [
                Block::of(
                    Weekly::on([Weekday::Monday, Weekday::Wednesday, Weekday::Friday], $first, Ending::until($last)),
                    self::hours('14:00', '16:00'),
                    Cut::of(30),
                ),
            ],
            places: [
                new PlaceStatement(PlaceKind::Room, 'Office 1, beside the bell'),
                new PlaceStatement(PlaceKind::Phone, 'By phone', null, 'We ring the number you give.'),
            ],
            questions: new Questions([
                ...UsualQuestions::all()->all,
                new Question(
                    'about',
                    QuestionKind::Long,
                    'What is it about?',
                    'Only the one you talk to reads it.',
                    true,
                    onRunSheet: false,
                ),
            ]),
            rules: Stated::of([
                'furthest_days' => 28,
                'per_student' => 2,
                'per_day' => 3,
                'approve' => true,
                'guests' => 1,
            ]),
            kind: SheetKind::OfficeHours,
            colleagues: [$colleague => HostRole::Any],
        );
    }

    /** For the families of one class alone. */
    public static function readingPlans(LocalDate $date, int $class): SheetStatement
    {
        return new SheetStatement(
            title: 'Reading plans of 8A',
            intro: 'We choose together what your child reads until summer.',
            blocks: [Block::of(OnDates::of($date, $date->plusDays(1)), self::hours('15:30', '17:00'), Cut::of(15))],
            places: [new PlaceStatement(PlaceKind::Room, 'Library, back table')],
            questions: UsualQuestions::all(),
            rules: Stated::of(['per_student' => 1, 'lead_minutes' => 60]),
            forWhom: new ForWhom(Audience::Families, [$class]),
        );
    }

    /** For those who work here. */
    public static function timetableTalks(LocalDate $date): SheetStatement
    {
        return new SheetStatement(
            title: 'Next term’s timetable',
            intro: 'What you can teach, and when you cannot.',
            blocks: [Block::of(OnDates::of($date), self::hours('11:40', '13:10'), Cut::of(15))],
            places: [new PlaceStatement(PlaceKind::Room, 'Office 1, beside the bell')],
            questions: new Questions([
                new Question('about', QuestionKind::Short, 'What should we know before?', '', false),
            ]),
            rules: Stated::of(['lead_minutes' => 60, 'per_visitor' => 1]),
            kind: SheetKind::Other,
            forWhom: new ForWhom(Audience::Staff),
        );
    }

    public static function draft(LocalDate $date): SheetStatement
    {
        return new SheetStatement(
            title: 'Help before the mathematics test',
            intro: 'Bring the exercise you got stuck on.',
            blocks: [Block::of(OnDates::of($date), self::hours('10:25', '11:35'), Cut::of(15))],
            places: [new PlaceStatement(PlaceKind::Room, 'Room 12')],
            questions: new Questions([new Question('student', QuestionKind::Student, 'Student’s name', '', true)]),
            rules: Stated::of(['lead_minutes' => 60]),
        );
    }

    private static function hours(string $from, string $until): Hours
    {
        return Hours::between(LocalTime::parse($from), LocalTime::parse($until));
    }
}
