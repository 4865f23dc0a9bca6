<?php

declare(strict_types=1);

use App\Models\MailAddress;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/**
 * People are compared byte by byte: addresses by their kept form (App\Models\MailAddress), students by their key. The
 * collation before took an accent for none, also in host names, and joined two families.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE passes MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL');
        DB::statement('ALTER TABLE staff MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        DB::statement(
            "ALTER TABLE bookings MODIFY student_key VARCHAR(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT ''",
        );
        foreach (['passes', 'staff'] as $table) {
            DB::table($table)
                ->whereNotNull('email')
                ->orderBy('id')
                ->each(static function (stdClass $row) use ($table): void {
                    $kept = MailAddress::of($row->email);
                    if ($kept !== null && $kept !== $row->email) {
                        DB::table($table)
                            ->where('id', $row->id)
                            ->update(['email' => $kept]);
                    }
                });
        }
        DB::table('bookings')
            ->where('student', '!=', '')
            ->orderBy('id')
            ->each(static function (stdClass $row): void {
                DB::table('bookings')
                    ->where('id', $row->id)
                    ->update(['student_key' => NameKey::of($row->student)]);
            });
        // Who was put in line, or sent away, for somebody else's address: whoever waits with no address cannot be told.
        DB::statement(
            'DELETE waiting FROM waiting JOIN passes ON passes.id = waiting.pass_id WHERE passes.email IS NULL',
        );
    }

    public function down(): void
    {
        throw new LogicException(
            'Addresses that differ by an accent cannot be joined again. Restore the backup taken before the update.',
        );
    }
};
