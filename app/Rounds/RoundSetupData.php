<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\SchoolClass;
use App\Directory\Student;
use App\Directory\Teachers;
use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Words;
use App\Live\Channel;
use App\Models\Round;
use App\Models\StaffMember;
use App\Timetables\Interpreters;
use App\Timetables\Sentence;
use App\Writing\TypedLine;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;

/** A round as the office sets it up: what is typed, who can be in it, and what comes of it. */
final class RoundSetupData
{
    /** @return RoundSetupPageShape */
    public static function of(StaffMember $reader, ?Round $round): array
    {
        $school = $reader->school;
        $classes = SchoolClass::here($school->id)
            ->withCount('students')
            ->get()
            ->sort(Alphabet::by(static fn(SchoolClass $one): string => $one->name))
            ->values();
        $teachers = Teachers::ofClasses($classes->modelKeys());
        $people = StaffMember::hosting($school->id)->orderBy('name')->get();

        return [
            'host' => $reader->name,
            'channel' => Channel::times($school->id),
            'classes' => array_values(
                $classes
                    ->map(
                        static fn(SchoolClass $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'students' => (int) $one->getAttribute('students_count'),
                            'teachers' => $teachers[$one->id] ?? [],
                        ],
                    )
                    ->all(),
            ),
            'people' => array_values(
                $people
                    ->map(
                        static fn(StaffMember $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'subject' => $one->subject,
                        ],
                    )
                    ->all(),
            ),
            'languages' => array_map(
                static fn(string $code): array => ['code' => $code, 'name' => (string) Interpreters::name($code)],
                SetInterpreters::LANGUAGES,
            ),
            'round' => $round === null ? null : self::round($round),
        ];
    }

    /** @return RoundFormShape */
    public static function round(Round $round): array
    {
        /** @var RulesShape $stated */
        $stated = $round->rules->toArray();
        $hosts = RoundHost::of($round)->all();

        return [
            'id' => $round->id,
            'version' => $round->version,
            'state' => $round->state->value,
            'path' => "/r/$round->slug",
            'title' => $round->title,
            'intro' => $round->intro,
            'line' => TypedLine::saying($round->coreBlocks(), $round->school),
            'families' => $round->families,
            'classes' => $round->classes,
            'staff' => array_map(static fn(RoundHost $one): int => $one->staff_id, array_values($hosts)),
            'opens_at' => $stated['opens_at'],
            'closes_at' => $stated['closes_at'],
            'lead_hours' => intdiv($round->rules->whole('lead_minutes'), 60),
            'each_guardian' => $round->rules->yes('each_guardian'),
            'collects' => $round->collects,
            'breaks' => $round->breaks,
            'cohorts' => $round->cohorts,
            'allotted' => $round->allotted_at !== null,
            'wishes_until' =>
                $round->wishes_until === null
                    ? null
                    : $round->school->timeZone()->reading($round->wishes_until->getTimestamp()),
            'questions' => $round->questions->ofItsOwn()->toArray(),
            'interpreters' => SetInterpreters::of($round),
            'parts' => array_map(self::part(...), array_values($hosts)),
            'look' => self::look($round, array_values($hosts)),
        ];
    }

    /** @return RoundPartShape as RoundPart in docs/formats/recess.openapi.yaml */
    public static function part(RoundHost $one): array
    {
        return [
            'id' => $one->id,
            'staff' => $one->staff_id,
            'name' => $one->host->name,
            'sheet' => $one->sheet_id,
            'is_open' => $one->isOpen(),
            'has_place' => $one->hasPlace(),
            'kind' => $one->kind->value,
            'label' => $one->label,
            'link' => (string) $one->link,
            'directions' => $one->directions,
            'absent' => $one->absent,
            'most' => $one->most,
            'collects' => $one->round->collects,
            'longer' => array_values(
                $one->longer
                    ->map(
                        static fn(Student $student): array => [
                            'id' => $student->id,
                            'name' => $student->name(),
                            'times' => (int) $student->getRelation('pivot')->getAttribute('times'),
                        ],
                    )
                    ->all(),
            ),
            'asked' => array_values(
                $one->asked
                    ->map(static fn(Student $student): array => ['id' => $student->id, 'name' => $student->name()])
                    ->all(),
            ),
        ];
    }

    /** @return list<array{label: string, stretches: list<string>}> when it is */
    public static function dates(Round $round): array
    {
        $zone = $round->school->timeZone();
        $dates = [];
        foreach ($round->pieces() as $pieces) {
            $dates[$zone->dayAt($pieces->stretch->start)][] = Spell::between($pieces->stretch, $zone);
        }
        ksort($dates);

        return array_map(
            static fn(int $day, array $stretches): array => [
                'label' => Spell::date(LocalDate::fromDay($day)),
                'stretches' => $stretches,
            ],
            array_keys($dates),
            array_values($dates),
        );
    }

    /**
     * How many have none of their teachers in it; empty where it is for anybody, or all have one.
     *
     * @param  list<RoundHost>  $hosts
     */
    private static function untaught(Round $round, array $hosts): string
    {
        $staff = array_map(static fn(RoundHost $host): int => $host->staff_id, $hosts);
        $count = $round->families ? Teachers::taughtByNoneOf($round->school_id, $round->classes, $staff) : 0;

        return $count === 0 ? '' : Words::say('rounds.look_untaught', ['count' => $count]);
    }

    /**
     * What comes of it: so many times, for so many students, and whose evening is too short.
     *
     * @param  list<RoundHost>  $hosts  who is in it
     * @return RoundLookShape as RoundLook in docs/formats/recess.openapi.yaml
     */
    private static function look(Round $round, array $hosts): array
    {
        $slots = array_merge([], ...array_map(static fn(Pieces $pieces): array => $pieces->slots, $round->pieces()));
        $taught = Teachers::studentsOfEach($round->school_id, $round->classes);
        $short = [];
        foreach ($hosts as $host) {
            $away = Spans::of($host->absences($round->school->timeZone()));
            $times = count(array_filter($slots, static fn(Span $slot): bool => !$away->touches($slot)));
            if (($taught[$host->staff_id] ?? 0) > $times) {
                $short[] = ['staff' => $host->staff_id, 'times' => $times, 'students' => $taught[$host->staff_id]];
            }
        }

        return [
            'said' => Words::say('rounds.look_said', [
                'slots' => count($slots),
                'all' => count($slots) * count($hosts),
                'hosts' => count($hosts),
            ]),
            'sentences' => array_map(Sentence::of(...), $round->coreBlocks()),
            'short_said' => Words::say('rounds.look_short', ['count' => count($short)]),
            'short' => $short,
            'untaught_said' => self::untaught($round, $hosts),
        ];
    }
}
