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

/**
 * The sheets and rounds that are for whoever holds a pass, and not for everybody: these stand on no board. As Admission says
 * of each, in a few questions for all.
 */
final readonly class OpenToPass
{
    /**
     * @param  Collection<int, Sheet>  $sheets  those of no round
     * @param  Collection<int, Round>  $rounds
     */
    private function __construct(public Collection $sheets, public Collection $rounds) {}

    public static function of(Pass $pass): self
    {
        if ($pass->staff_id !== null) {
            $school = (int) StaffMember::query()->whereKey($pass->staff_id)->whereNull('left_at')->value('school_id');

            return new self(self::open(Audience::Staff, $school), new Collection());
        }
        $guardian = Guardian::ofPass($pass)?->load('students.classes');
        if ($guardian === null || $guardian->students->isEmpty()) {
            return new self(new Collection(), new Collection());
        }
        $students = $guardian->students->modelKeys();
        $classes = $guardian->students
            ->flatMap(static fn(Student $child): array => $child->classes->modelKeys())
            ->all();
        $sheets = self::open(Audience::Families, $guardian->school_id)->filter(
            static fn(Sheet $sheet): bool => ($sheet->audience_classes === [] && $sheet->audience_students === []) ||
                array_intersect($sheet->audience_students, $students) !== [] ||
                array_intersect($sheet->audience_classes, $classes) !== [],
        );
        $rounds = Round::query()
            ->where('school_id', $guardian->school_id)
            ->where('state', SheetState::Open)
            ->orderBy('id')
            ->get();

        return new self(
            $sheets->values(),
            $rounds->filter(static fn(Round $round): bool => $round->isFor($classes))->values(),
        );
    }

    /** @return Collection<int, Sheet> */
    private static function open(Audience $audience, int $school): Collection
    {
        return Sheet::query()
            ->where('audience', $audience)
            ->where('state', SheetState::Open)
            ->whereNull('put_away_at')
            ->whereNull('round_id')
            ->whereHas('host', static fn($host) => $host->where('school_id', $school))
            ->with('host.school')
            ->orderBy('title')
            ->orderBy('id')
            ->get();
    }
}
