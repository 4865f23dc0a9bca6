<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('quiet_minutes')->default(5);
        });
        // A tutor's families walk nowhere.
        DB::table('schools')
            ->where('alone', true)
            ->update(['quiet_minutes' => 0]);
    }

    public function down(): void
    {
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn('quiet_minutes'));
    }
};
