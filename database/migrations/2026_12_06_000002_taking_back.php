<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('changes', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('key')->unique();
            // What it is a change of: a booking, a desk on its day, an offer, a round.
            $table->string('about', 60)->index();
            $table->string('what', 40);
            $table->dateTime('at')->index();
            // What was before, as the kind of change needs it.
            $table->json('facts');
            $table->dateTime('taken_back_at')->nullable();
        });
        // Letters that wait in the queue of what was taken back are not sent after all.
        DB::statement(
            "INSERT INTO changes (`key`, about, what, at, facts, taken_back_at) SELECT change_key, 'of before', 'of before', at, '{}', at FROM undone",
        );
        Schema::drop('undone');
        Schema::table('bookings', static fn(Blueprint $table) => $table->dropColumn('undo'));
        Schema::table('desk_days', static fn(Blueprint $table) => $table->dropColumn('presses'));
    }

    public function down(): void
    {
        Schema::table('desk_days', static fn(Blueprint $table) => $table->json('presses')->default('[]'));
        Schema::table('bookings', static fn(Blueprint $table) => $table->json('undo')->nullable());
        Schema::create('undone', static function (Blueprint $table): void {
            $table->uuid('change_key')->primary();
            $table->dateTime('at');
        });
        Schema::drop('changes');
    }
};
