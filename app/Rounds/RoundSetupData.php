<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\SchoolClass;
use App\Directory\Teachers;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Round;
use App\Models\StaffMember;
use App\Timetables\Sentence;
use Illuminate\Support\Facades\DB;
use Recess\Quick\QuickPrint;
use Recess\Slots\Block;
use Recess\Time\LocalDate;

/** A round as the office sets it up: what is typed, who can be in it, and what comes of it. */
final class RoundSetupData
{
    /** @return array<string, mixed> props of web/pages/RoundSetup.svelte */
    public static function of(StaffMember $reader, ?Round $round): array
    {
        $school = $reader->school;
        $classes = SchoolClass::here($school->id)->withCount('students')->orderBy('name')->get();
        $teachers = DB::table('class_teachers')->join('staff', 'staff.email', '=', 'class_teachers.email')->whereIn('class_id', $classes->modelKeys())->whereNull('staff.left_at')->get(['class_id', 'staff.id'])->groupBy('class_id');
        $people = StaffMember::query()->where('school_id', $school->id)->whereNull('left_at')->where('reader', false)->orderBy('name')->get();

        return [
            'host' => $reader->name,
            'classes' => array_values($classes->map(static fn (SchoolClass $one): array => [
                'id' => $one->id, 'name' => $one->name, 'students' => (int) $one->getAttribute('students_count'),
                'teachers' => array_values(array_map(static fn (\stdClass $row): int => (int) $row->id, $teachers->get($one->id)?->all() ?? [])),
            ])->all()),
            'people' => array_values($people->map(static fn (StaffMember $one): array => ['id' => $one->id, 'name' => $one->name, 'subject' => $one->subject])->all()),
            'round' => $round === null ? null : self::round($round),
        ];
    }

    /** @return array<string, mixed> as RoundForm in docs/formats/recess.openapi.yaml */
    public static function round(Round $round): array
    {
        $stated = $round->rules->toArray();
        $hosts = RoundHost::of($round);

        return [
            'id' => $round->id, 'title' => $round->title, 'intro' => $round->intro, 'state' => $round->state->value, 'path' => "/r/$round->slug", 'version' => $round->version,
            'line' => implode('; ', array_map(static fn (Block $block): string => QuickPrint::line($block, $round->school->closedDays()), $round->coreBlocks())),
            'families' => $round->families, 'classes' => $round->classes, 'staff' => array_values($hosts->map(static fn (RoundHost $one): int => $one->staff_id)->all()),
            'opens_at' => $stated['opens_at'], 'closes_at' => $stated['closes_at'], 'lead_hours' => intdiv($round->rules->whole('lead_minutes'), 60), 'each_guardian' => $round->rules->yes('each_guardian'),
            'parts' => array_values($hosts->map(static fn (RoundHost $one): array => self::part($one))->all()),
            'look' => self::look($round->school_id, $round->coreBlocks(), array_values($hosts->map(static fn (RoundHost $one): int => $one->staff_id)->all()), $round->classes, $round),
        ];
    }

    /** @return array<string, mixed> as RoundPart in docs/formats/recess.openapi.yaml */
    public static function part(RoundHost $one): array
    {
        return [
            'id' => $one->id, 'staff' => $one->staff_id, 'name' => $one->host->name, 'kind' => $one->kind->value, 'label' => $one->label, 'link' => (string) $one->link, 'directions' => $one->directions,
            'absent' => $one->absent, 'has_place' => $one->hasPlace(), 'sheet' => $one->sheet_id,
        ];
    }

    /**
     * What comes of it: so many times, for so many students, and whose evening is too short.
     *
     * @param  list<Block>  $blocks
     * @param  list<int>  $staff
     * @param  list<int>  $classes
     * @return array<string, mixed> as RoundLook in docs/formats/recess.openapi.yaml
     */
    public static function look(int $school, array $blocks, array $staff, array $classes, ?Round $round = null): array
    {
        $zone = StaffMember::query()->where('school_id', $school)->firstOrFail()->school->timeZone();
        $dates = $slots = [];
        foreach ($blocks as $block) {
            foreach ($block->pieces($block->pattern->first(), ($block->pattern->last() ?? $block->pattern->first())->plusDays(1), $zone) as $pieces) {
                $slots = [...$slots, ...$pieces->slots];
                $dates[$zone->dayAt($pieces->stretch->start)][] = Spell::time($pieces->stretch->start, $zone).' to '.Spell::time($pieces->stretch->end, $zone);
            }
        }
        ksort($dates);
        $taught = Teachers::studentsOfEach($school, $classes);
        $absences = $round === null ? [] : RoundHost::of($round)->mapWithKeys(static fn (RoundHost $one): array => [$one->staff_id => $one->absences($zone)])->all();
        $short = [];
        foreach ($staff as $one) {
            $times = count(array_filter($slots, static fn ($slot): bool => array_filter($absences[$one] ?? [], static fn ($absence): bool => $absence->overlaps($slot)) === []));
            if (($taught[$one] ?? 0) > $times) {
                $short[] = ['staff' => $one, 'times' => $times, 'students' => $taught[$one]];
            }
        }

        return [
            'said' => Words::say('rounds.look_said', ['slots' => count($slots), 'all' => count($slots) * count($staff), 'hosts' => count($staff)]),
            'sentences' => array_map(Sentence::of(...), $blocks),
            'short_said' => Words::say('rounds.look_short', ['count' => count($short)]),
            'dates' => array_map(static fn (int $day, array $stretches): array => ['label' => Spell::date(LocalDate::fromDay($day)), 'stretches' => $stretches], array_keys($dates), array_values($dates)),
            'short' => $short,
        ];
    }
}
