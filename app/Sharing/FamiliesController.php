<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Student;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Recess\Names\NameKey;

/** For whose families a sheet is: choosing them, who has not booked, and writing to them. */
final class FamiliesController
{
    private const SHOWN = 12;

    /** Names and classes alone: whoever has a sheet chooses from them, and reads no more. */
    public function choose(#[CurrentUser] StaffMember $reader, Request $request): JsonResponse
    {
        $sought = mb_substr(trim(Asked::word($request, 'sought')), 0, 120);
        $like = addcslashes(NameKey::of($sought), '\\%_') . '%';
        $students = Student::here($reader->school_id)
            ->with('classes')
            ->when($sought === '', static fn($none) => $none->whereRaw('1 = 0'))
            ->where(static fn($any) => $any->where('name_key', 'like', $like)->orWhere('name_key', 'like', "% $like"))
            ->orderBy('sort_key')
            ->limit(self::SHOWN)
            ->get();

        return new JsonResponse([
            'students' => $students
                ->map(
                    static fn(Student $one): array => [
                        'id' => $one->id,
                        'name' => $one->name(),
                        'class' => $one->classes->first()->name ?? '',
                    ],
                )
                ->values()
                ->all(),
        ]);
    }

    public function roster(Sheet $sheet): JsonResponse
    {
        return new JsonResponse(Roster::of($sheet, Clock::now()));
    }

    public function write(Sheet $sheet, Request $request, WriteToFamilies $write): JsonResponse
    {
        $request->validate(['word' => ['present', 'nullable', 'string', 'max:1000']]);
        $sent = $write($sheet, $request->string('word')->trim()->toString(), Clock::now());
        LogBook::note('letters', $sheet, ['about' => $sheet->title, 'sent' => $sent]);

        return new JsonResponse([
            'said' => Words::say('sheets.letters_sent', ['sent' => $sent]),
            'roster' => Roster::of($sheet, Clock::now()),
        ]);
    }
}
