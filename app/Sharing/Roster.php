<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Admission;
use App\Directory\Student;
use App\Framework\Words;
use App\Models\Audience;
use App\Models\BookingState;
use App\Models\Sheet;
use Illuminate\Database\Eloquent\Builder;

/** The students expected on a sheet that is for families: who has booked, and who has not. */
final class Roster
{
    private const SHOWN = 200;

    /** @return array<string, mixed> as Roster in docs/formats/recess.openapi.yaml */
    public static function of(Sheet $sheet, int $now): array
    {
        if ($sheet->audience !== Audience::Families) {
            return ['said' => '', 'missing' => [], 'more' => 0, 'to_write' => 0];
        }
        $missing = self::missing($sheet);
        $count = (clone $missing)->count();
        $shown = (clone $missing)->with(['classes', 'guardians'])->orderBy('name_key')->limit(self::SHOWN)->get();

        return [
            'said' => Words::say('sheets.roster', ['missing' => $count, 'expected' => Admission::expected($sheet)->count()]),
            'missing' => array_values($shown->map(static fn (Student $one): array => [
                'name' => $one->name, 'class' => $one->classes->first()->name ?? '', 'can_write' => $one->guardians->contains(static fn ($guardian): bool => $guardian->email !== null),
            ])->all()),
            'more' => max(0, $count - self::SHOWN),
            'to_write' => count(WriteToFamilies::readers($sheet, $now)),
        ];
    }

    /** @return Builder<Student> about whom nothing stands on it; known by the school's row, or by the name that was typed */
    public static function missing(Sheet $sheet): Builder
    {
        $standing = $sheet->bookings()->whereIn('state', BookingState::standing());

        return Admission::expected($sheet)->whereNotIn('students.id', (clone $standing)->whereNotNull('student_id')->select('student_id'))
            ->whereNotIn('students.name_key', (clone $standing)->whereNull('student_id')->select('student_key'));
    }
}
