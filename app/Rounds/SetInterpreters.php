<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Words;
use App\Models\Round;
use App\Models\StaffMember;
use App\Timetables\Interpreters;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Says who interprets in a round, and which languages. Meetings that somebody interprets already stay theirs. */
final class SetInterpreters
{
    /** As BCP 47 writes them, for choosing; a school's others are as good. */
    public const LANGUAGES = [
        'ar',
        'bn',
        'bs',
        'cs',
        'da',
        'de',
        'el',
        'en',
        'es',
        'fa',
        'fr',
        'hi',
        'hr',
        'hu',
        'it',
        'ja',
        'ko',
        'ku',
        'lt',
        'lv',
        'nl',
        'no',
        'pa',
        'pl',
        'ps',
        'pt',
        'ro',
        'ru',
        'so',
        'sq',
        'sr',
        'sv',
        'sw',
        'ta',
        'ti',
        'tl',
        'tr',
        'uk',
        'ur',
        'vi',
        'zh',
    ];

    /**
     * @param  array<int, array{staff: int, language: string}>  $interpreters
     *
     * @throws ValidationException
     */
    public function __invoke(Round $round, array $interpreters): void
    {
        $here = StaffMember::query()
            ->where('school_id', $round->school_id)
            ->whereNull('left_at')
            ->whereKey(array_column($interpreters, 'staff'))
            ->pluck('id')
            ->flip();
        // Whoever meets families there cannot be promised to others before times are given.
        $hosts = $round->collects
            ? RoundHost::query()->where('round_id', $round->id)->pluck('staff_id')->flip()
            : collect();
        $seen = $rows = [];
        foreach ($interpreters as $i => ['staff' => $staff, 'language' => $language]) {
            ($here->has($staff) && !isset($seen["$staff $language"])) ||
                throw ValidationException::withMessages([
                    "interpreters.$i.staff" => Words::say('rounds.interpreter_here'),
                ]);
            $hosts->has($staff) === false ||
                throw ValidationException::withMessages([
                    "interpreters.$i.staff" => Words::say('rounds.interpreter_is_host'),
                ]);
            Interpreters::name($language) !== null ||
                throw ValidationException::withMessages([
                    "interpreters.$i.language" => Words::say('rounds.no_such_language'),
                ]);
            $seen["$staff $language"] = true;
            $rows[] = ['round_id' => $round->id, 'staff_id' => $staff, 'language' => $language];
        }
        DB::transaction(static function () use ($round, $rows): void {
            DB::table('round_interpreters')->where('round_id', $round->id)->delete();
            DB::table('round_interpreters')->insert($rows);
        });
    }

    /** @return list<array{staff: int, name: string, language: string, said: string}> */
    public static function of(Round $round): array
    {
        $rows = DB::table('round_interpreters')
            ->join('staff', 'staff.id', '=', 'round_interpreters.staff_id')
            ->where('round_id', $round->id)
            ->orderBy('round_interpreters.language')
            ->orderBy('staff.name')
            ->get(['staff_id', 'staff.name', 'round_interpreters.language']);

        return array_values(
            $rows
                ->map(
                    static fn(\stdClass $row): array => [
                        'staff' => (int) $row->staff_id,
                        'name' => (string) $row->name,
                        'language' => (string) $row->language,
                        'said' => Interpreters::name((string) $row->language) ?? (string) $row->language,
                    ],
                )
                ->all(),
        );
    }
}
