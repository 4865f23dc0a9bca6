<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Admission;
use App\Directory\Expected;
use App\Directory\Student;
use App\Framework\Words;
use App\Models\Audience;
use App\Models\BookingState;
use App\Models\Sheet;
use App\Texts\SendText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;

/** The students expected on a sheet that is for families: who has booked, and who has not. */
final class Roster
{
    private const SHOWN = 200;

    /** @return RosterShape as Roster in docs/formats/recess.openapi.yaml */
    public static function of(Sheet $sheet, int $now): array
    {
        if ($sheet->audience !== Audience::Families) {
            return self::ofList($sheet, $now);
        }
        $missing = self::missing($sheet);
        $count = (clone $missing)->count();
        $shown = (clone $missing)
            ->with(['classes', 'guardians'])
            ->orderBy('sort_key')
            ->limit(self::SHOWN)
            ->get();

        return [
            'kind' => 'families',
            'cards' => Gate::allows('printCards', $sheet),
            'said' => Words::say('sheets.roster', [
                'missing' => $count,
                'expected' => Admission::expected($sheet)->count(),
            ]),
            'missing' => array_values(
                $shown
                    ->map(
                        static fn(Student $one): array => [
                            'id' => $one->id,
                            'failed' => '',
                            'name' => $one->name,
                            'class' => $one->classes->first()->name ?? '',
                            'can_write' => $one->guardians->contains(
                                static fn($guardian): bool => $guardian->email !== null,
                            ),
                        ],
                    )
                    ->all(),
            ),
            'more' => max(0, $count - self::SHOWN),
            'to_write' => count(WriteToFamilies::readers($sheet, $now)),
        ];
    }

    /** @return RosterShape of a sheet that is for anyone: those whom its host has put on a list */
    private static function ofList(Sheet $sheet, int $now): array
    {
        $expected = Expected::query()->where('sheet_id', $sheet->id)->count();
        $missing = RemindExpected::missing($sheet)
            ->limit(self::SHOWN + 1)
            ->get();
        $count = $missing->count() <= self::SHOWN ? $missing->count() : RemindExpected::missing($sheet)->count();
        $texts = SendText::failures(
            array_values(
                $missing
                    ->map(static fn(Expected $one): string => "expected|$one->id|" . $one->reminded_at?->getTimestamp())
                    ->all(),
            ),
        );

        return [
            'kind' => $sheet->audience === Audience::Anyone ? 'list' : 'none',
            'cards' => $count > 0 && Gate::allows('printCards', $sheet),
            'said' =>
                $expected === 0 ? '' : Words::say('sheets.roster', ['missing' => $count, 'expected' => $expected]),
            'missing' => array_values(
                $missing
                    ->take(self::SHOWN)
                    ->map(
                        static fn(Expected $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'class' => $one->class,
                            'can_write' => $one->email !== null || $one->phone !== '',
                            'failed' =>
                                $one->failure ?:
                                (string) ($texts["expected|$one->id|" . $one->reminded_at?->getTimestamp()] ?? ''),
                        ],
                    )
                    ->all(),
            ),
            'more' => max(0, $count - self::SHOWN),
            'to_write' => app(RemindExpected::class)->due($sheet, $now)->count(),
        ];
    }

    /** @return Builder<Student> about whom nothing stands on it; known by the school's row, or by the name that was typed */
    public static function missing(Sheet $sheet): Builder
    {
        $standing = $sheet->bookings()->whereIn('state', BookingState::standing());

        return Admission::expected($sheet)
            ->whereNotIn('students.id', (clone $standing)->whereNotNull('student_id')->select('student_id'))
            ->whereNotIn('students.name_key', (clone $standing)->whereNull('student_id')->select('student_key'));
    }
}
