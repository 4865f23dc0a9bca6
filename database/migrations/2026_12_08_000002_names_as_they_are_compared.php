<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

return new class extends Migration {
    /** Names are compared by another folding (Recess\Names\NameKey): what was folded before is folded again. */
    public function up(): void
    {
        foreach (
            [
                'bookings' => 'student_key',
                'students' => 'name_key',
                'guardians' => 'name_key',
                'expected' => 'name_key',
            ]
            as $table => $column
        ) {
            // Plain letters and spaces stay as they are.
            foreach (
                DB::table($table)
                    ->distinct()
                    ->whereRaw("$column REGEXP '[^a-z0-9 ]'")
                    ->pluck($column)
                as $key
            ) {
                $now = NameKey::of((string) $key);
                // Of two that were expected by one name in one class, the first is.
                $now === $key || DB::statement("UPDATE IGNORE $table SET $column = ? WHERE $column = ?", [$now, $key]);
            }
        }
    }

    public function down(): void {}
};
