<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\School;
use Illuminate\Support\Facades\DB;

/** A student typed or mended by hand, with their classes and those who look after them. */
final class KeepStudent
{
    /**
     * @param  array{name: string, number: string|null, classes: list<string>, guardians: list<array{id: int|null, name: string, email: string|null, phone: string, language: string, may_book: bool}>}  $said
     * @param  int  $now  seconds since the epoch
     *
     * @throws \Illuminate\Database\UniqueConstraintViolationException when the number is another one's
     */
    public function __invoke(School $school, ?Student $student, array $said, int $now): Student
    {
        return Contended::transaction(static function () use ($school, $student, $said, $now): Student {
            $student ??= new Student(['school_id' => $school->id]);
            $student->fill(['name' => $said['name'], 'number' => $said['number']])->save();
            $classes = [];
            foreach ($said['classes'] as $name) {
                $class =
                    SchoolClass::here($school->id)
                        ->whereRaw('BINARY name = ?', [$name])
                        ->first() ?? SchoolClass::query()->create(['school_id' => $school->id, 'name' => $name]);
                $classes[] = $class->id;
            }
            $student->classes()->sync($classes);
            $kept = [];
            foreach ($said['guardians'] as $one) {
                $guardian =
                    $one['id'] === null
                        ? new Guardian(['school_id' => $school->id])
                        : Guardian::query()->findOrFail($one['id']);
                $guardian
                    ->fill([
                        'name' => $one['name'],
                        'email' => $one['email'],
                        'phone' => $one['phone'],
                        'language' => $one['language'],
                    ])
                    ->save();
                Pass::query()->where('guardian_id', $guardian->id)->update($guardian->onPass());
                $known = DB::table('guardian_student')
                    ->where('guardian_id', $guardian->id)
                    ->where('student_id', $student->id)
                    ->first();
                // As a file had it, it goes on following the file; what is other than that was said by hand.
                $byFile = $known !== null && (bool) $known->from_file && (bool) $known->may_book === $one['may_book'];
                DB::table('guardian_student')->upsert(
                    [
                        [
                            'guardian_id' => $guardian->id,
                            'student_id' => $student->id,
                            'may_book' => $one['may_book'],
                            'from_file' => $byFile,
                            'put_away_at' => null,
                        ],
                    ],
                    ['guardian_id', 'student_id'],
                    ['may_book', 'from_file', 'put_away_at'],
                );
                $kept[] = $guardian->id;
            }
            DB::table('guardian_student')
                ->where('student_id', $student->id)
                ->whereNotIn('guardian_id', $kept)
                ->whereNull('put_away_at')
                ->update(['put_away_at' => Instant::column($now), 'from_file' => false]);

            return $student->refresh();
        });
    }
}
