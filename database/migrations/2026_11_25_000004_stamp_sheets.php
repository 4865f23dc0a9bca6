<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A stamp on all that a sheet is made of, raised by the database itself whenever a part of it changes, so that what is
 * remembered of a sheet can be told from what it is now. See docs/decisions/0011-rush.md.
 */
return new class extends Migration {
    private const WHOLES = ['sheets', 'staff', 'schools'];

    private const PARTS = ['blocks', 'places', 'sheet_hosts', 'slot_changes'];

    public function up(): void
    {
        foreach (self::WHOLES as $table) {
            Schema::table($table, static fn(Blueprint $columns) => $columns->unsignedBigInteger('stamp')->default(0));
            DB::unprepared(
                "CREATE TRIGGER {$table}_stamp BEFORE UPDATE ON $table FOR EACH ROW SET NEW.stamp = OLD.stamp + 1",
            );
        }
        foreach (self::PARTS as $table) {
            foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $event => $row) {
                $name = strtolower($event);
                DB::unprepared(
                    "CREATE TRIGGER {$table}_stamp_$name AFTER $event ON $table FOR EACH ROW UPDATE sheets SET stamp = stamp + 1 WHERE id = $row.sheet_id",
                );
            }
        }
    }

    public function down(): void
    {
        foreach (self::PARTS as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                DB::unprepared("DROP TRIGGER IF EXISTS {$table}_stamp_$event");
            }
        }
        foreach (self::WHOLES as $table) {
            DB::unprepared("DROP TRIGGER IF EXISTS {$table}_stamp");
            Schema::dropColumns($table, 'stamp');
        }
    }
};
