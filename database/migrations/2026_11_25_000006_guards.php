<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Raised by whoever decides something for a sheet, a visitor, a student or a host: see docs/decisions/0012-guards.md.
        Schema::create('guards', static function (Blueprint $table): void {
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedBigInteger('raised')->default(1);
        });
        Schema::dropIfExists('booking_people');
        // When somebody last looked at who has booked: kept beside the sheet, which a look does not change.
        Schema::create('looks', static function (Blueprint $table): void {
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->dateTime('looked_at');
            $table->primary(['staff_id', 'sheet_id']);
        });
        DB::statement(
            'INSERT INTO looks (staff_id, sheet_id, looked_at) SELECT staff_id, id, looked_at FROM sheets WHERE looked_at IS NOT NULL',
        );
        Schema::table('sheets', static fn(Blueprint $table) => $table->dropColumn('looked_at'));
        // Who is held on some dates, of many hosts at once.
        Schema::table('holds', static fn(Blueprint $table) => $table->index(['starts_at', 'ends_at']));
        // How often something was done from somewhere within a while, on all servers together.
        Schema::create('limits', static function (Blueprint $table): void {
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->unsignedInteger('hits');
            $table->dateTime('until')->index();
        });
        // Whose turn it is to run what the scheduler runs, and who waits for the workers to start anew.
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        Schema::table('holds', static fn(Blueprint $table) => $table->dropIndex(['starts_at', 'ends_at']));
        foreach (['cache_locks', 'cache', 'limits', 'looks', 'guards'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('sheets', static fn(Blueprint $table) => $table->dateTime('looked_at')->nullable());
        Schema::create('booking_people', static fn(Blueprint $table) => $table->char('digest', 64)->primary());
    }
};
