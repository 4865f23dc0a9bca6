<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Guardian;
use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;

/**
 * A letter to each family of a sheet that has not booked there, with the link that is theirs. To nobody twice within a
 * day, however often it is pressed and by whom.
 */
final class WriteToFamilies
{
    private const AGAIN = 86_400;

    /** @return int how many letters are on the way */
    public function __invoke(Sheet $sheet, string $word, int $now): int
    {
        return Contended::transaction(static function () use ($sheet, $word, $now): int {
            $sent = 0;
            foreach (self::readers($sheet, $now) as $reader) {
                // In one statement: of two who press at once, one writes.
                $fresh = DB::affectingStatement(
                    'INSERT INTO family_letters (sheet_id, guardian_id, sent_at) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE sent_at = IF(sent_at <= ?, VALUES(sent_at), sent_at)',
                    [$sheet->id, $reader['guardian']->id, Instant::column($now), Instant::column($now - self::AGAIN)],
                );
                if ($fresh > 0) {
                    event(new FamilyInvited($sheet, $reader['guardian']->pass(), $reader['students'], $word));
                    $sent++;
                }
            }

            return $sent;
        });
    }

    /** @return list<array{guardian: Guardian, students: string}> who would get one: with an address, a child about whom nothing is booked, and no letter within a day */
    public static function readers(Sheet $sheet, int $now): array
    {
        $lately = DB::table('family_letters')
            ->where('sheet_id', $sheet->id)
            ->where('sent_at', '>', Instant::column($now - self::AGAIN))
            ->pluck('guardian_id')
            ->flip();
        $missing = Roster::missing($sheet)->pluck('students.id')->flip();

        return array_values(
            array_filter(
                Cards::families($sheet),
                static fn(array $one): bool => $one['guardian']->email !== null &&
                    !$lately->has($one['guardian']->id) &&
                    $one['guardian']->students->contains(static fn($student): bool => $missing->has($student->id)),
            ),
        );
    }
}
