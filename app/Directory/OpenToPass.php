<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Audience;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Collection;

/** The sheets that are for whoever holds a pass, and not for everybody: these stand on no board. Those of a round are found as that. As Admission says of each, in a few questions for all. */
final class OpenToPass
{
    /** @return Collection<int, Sheet> */
    public static function of(Pass $pass): Collection
    {
        if ($pass->staff_id !== null) {
            return self::open(Audience::Staff, (int) StaffMember::query()->whereKey($pass->staff_id)->whereNull('left_at')->value('school_id'));
        }
        $guardian = $pass->guardian_id === null ? null : Guardian::query()->whereKey($pass->guardian_id)->whereNull('put_away_at')->with('students.classes')->first();
        if ($guardian === null || $guardian->students->isEmpty()) {
            return new Collection;
        }
        $students = $guardian->students->modelKeys();
        $classes = $guardian->students->flatMap(static fn (Student $child): array => $child->classes->modelKeys())->all();

        return self::open(Audience::Families, $guardian->school_id)->filter(static fn (Sheet $sheet): bool => ($sheet->audience_classes === [] && $sheet->audience_students === [])
            || array_intersect($sheet->audience_students, $students) !== [] || array_intersect($sheet->audience_classes, $classes) !== [])->values();
    }

    /** @return Collection<int, Round> those that are for this family */
    public static function rounds(Pass $pass): Collection
    {
        $guardian = $pass->guardian_id === null ? null : Guardian::query()->whereKey($pass->guardian_id)->whereNull('put_away_at')->with('students.classes')->first();
        if ($guardian === null || $guardian->students->isEmpty()) {
            return new Collection;
        }
        $classes = $guardian->students->flatMap(static fn (Student $child): array => $child->classes->modelKeys())->all();

        return Round::query()->where('school_id', $guardian->school_id)->where('state', SheetState::Open)->orderBy('id')->get()
            ->filter(static fn (Round $round): bool => $round->classes === [] || array_intersect($round->classes, $classes) !== [])->values();
    }

    /** @return Collection<int, Sheet> */
    private static function open(Audience $audience, int $school): Collection
    {
        return Sheet::query()->where('audience', $audience)->where('state', SheetState::Open)->whereNull('put_away_at')->whereNull('round_id')
            ->whereHas('host', static fn ($host) => $host->where('school_id', $school))->with('host.school')->orderBy('title')->orderBy('id')->get();
    }
}
