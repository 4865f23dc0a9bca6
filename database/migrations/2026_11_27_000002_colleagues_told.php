<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('sheet_hosts', static function (Blueprint $table): void {
            // When the colleague was told what they are to do there; null until the sheet is public.
            $table->dateTime('told_at')->nullable();
        });
        DB::table('sheet_hosts')->update(['told_at' => now()]);
    }

    public function down(): void
    {
        Schema::table('sheet_hosts', static fn(Blueprint $table) => $table->dropColumn('told_at'));
    }
};
