<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The office's page of the students and those who look after them. */
final class DirectoryController
{
    public function page(#[CurrentUser] StaffMember $reader): View
    {
        return Page::staff('Directory', Words::say('directory.title'), [
            'host' => $reader->name,
            'first' => DirectoryData::of($reader->school),
        ]);
    }

    public function find(#[CurrentUser] StaffMember $reader, Request $request): JsonResponse
    {
        $class = Asked::word($request, 'class');

        return new JsonResponse(
            DirectoryData::of(
                $reader->school,
                mb_substr(trim(Asked::word($request, 'sought')), 0, 120),
                ctype_digit($class) ? (int) substr($class, 0, 15) : null,
                Asked::word($request, 'away') === 'yes',
            ),
        );
    }

    public function add(#[CurrentUser] StaffMember $reader, StudentRequest $request, KeepStudent $keep): JsonResponse
    {
        return $this->kept($reader, null, $request, $keep, 201);
    }

    public function change(
        #[CurrentUser] StaffMember $reader,
        Student $student,
        StudentRequest $request,
        KeepStudent $keep,
    ): JsonResponse {
        return $this->kept($reader, $student, $request, $keep, 200);
    }

    /** Away, or back: the same press undoes it. */
    public function putAway(Student $student, Request $request): JsonResponse
    {
        $request->validate(['away' => ['required', 'boolean']]);
        $student->update(['put_away_at' => $request->boolean('away') ? Instant::column(Clock::now()) : null]);

        LogBook::note($request->boolean('away') ? 'student_away' : 'student_back', $student, [
            'about' => $student->name,
        ]);

        return new JsonResponse(DirectoryData::student($student->refresh()));
    }

    /** Another code on their card, when the old one is in the wrong hands. */
    public function newCode(Student $student, Guardian $guardian): JsonResponse
    {
        abort_unless($student->guardians->contains($guardian), 404);
        DB::transaction(static function () use ($guardian): void {
            Guardian::query()->whereKey($guardian->id)->increment('generation');
            CardCode::query()->where('guardian_id', $guardian->id)->delete();
            // The square on the lost card opens their pass as far as the card went: it is closed, too, and they are told where it is.
            $pass = Pass::query()->where('guardian_id', $guardian->id)->first();
            $pass?->renew();
            $pass === null || event(new CardRenewed($pass));
        });
        LogBook::note('new_code', $guardian, ['about' => $guardian->name]);

        return new JsonResponse(DirectoryData::student($student));
    }

    private function kept(
        StaffMember $reader,
        ?Student $student,
        StudentRequest $request,
        KeepStudent $keep,
        int $status,
    ): JsonResponse {
        try {
            $kept = $keep($reader->school, $student, $request->student(), Clock::now());
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['number' => Words::say('directory.number_taken')]);
        }

        LogBook::note('student', $kept, ['about' => $kept->name]);

        return new JsonResponse(DirectoryData::student($kept), $status);
    }
}
