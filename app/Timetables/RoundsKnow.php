<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Pass;
use Recess\Names\NameKey;

/** What is said in setting up a round, and in a family's page of it, that those have to know who judge its sheets. */
interface RoundsKnow
{
    /** @return array<string, list<int>> by language: who interprets from it */
    public function interpreters(int $round): array;

    /** For which language a family needs one; null for none. */
    public function languageOf(Pass $pass, int $round): ?string;

    /**
     * Whom a teacher meets for longer. Only where the pass is that of a guardian of the student: who types a name is told
     * nothing of it.
     *
     * @param  list<int>  $sheets
     * @param  string  $key  of the student, as NameKey::of() makes it
     * @return array<int, int> by sheet: how many times in a row, where it is more than one
     */
    public function times(array $sheets, int $pass, string $key): array;

    /** @return array<int, array<int, int>> the same of a whole round, by sheet and student */
    public function timesOfRound(int $round): array;

    /**
     * Which teachers need to see the families of some students.
     *
     * @param  list<int>  $students
     * @return array<int, array<int, true>> by student and sheet
     */
    public function asked(int $round, array $students): array;
}
