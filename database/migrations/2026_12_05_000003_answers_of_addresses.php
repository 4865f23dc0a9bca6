<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            // Hash of the network from which it was asked, until its address has answered.
            $table->char('origin', 64)->nullable();
            $table->index(['sheet_id', 'origin']);
        });
        // A school that begins from now on asks addresses to answer; who has chosen otherwise, has.
        Schema::table(
            'schools',
            static fn(Blueprint $table) => $table->boolean('confirm_addresses')->default(true)->change(),
        );
        // Two addresses that differ in an accent are two: compared byte by byte, as passes are.
        foreach (['guardians', 'expected'] as $name) {
            DB::statement("ALTER TABLE $name MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL");
        }
    }

    public function down(): void
    {
        foreach (['guardians', 'expected'] as $name) {
            DB::statement("ALTER TABLE $name MODIFY email VARCHAR(190) NULL");
        }
        Schema::table(
            'schools',
            static fn(Blueprint $table) => $table->boolean('confirm_addresses')->default(false)->change(),
        );
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['sheet_id', 'origin']);
            $table->dropColumn('origin');
        });
    }
};
