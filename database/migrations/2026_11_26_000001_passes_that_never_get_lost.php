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
            $table->string('phone', 40)->default('');
            // Whether a visitor's first booking waits until their address has answered.
            $table->boolean('confirm_addresses')->default(false);
        });
        Schema::table('passes', static function (Blueprint $table): void {
            // How its visitor reads times: 12 or 24; null until they have said.
            $table->unsignedTinyInteger('clock')->nullable();
            $table->dateTime('confirmed_at')->nullable();
        });
        DB::statement('ALTER TABLE passes ADD new_email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL');
        Schema::table('bookings', static function (Blueprint $table): void {
            // Kept for an address that has not answered; nobody else is told of it until then.
            $table->dateTime('confirm_until')->nullable()->index();
            // How the visitor's last change is taken back, for some seconds (App\Passes\UndoChange).
            $table->json('undo')->nullable();
        });
        // Changes that were taken back: what was to be told of them is not.
        Schema::create('undone', static function (Blueprint $table): void {
            $table->uuid('change_key')->primary();
            $table->dateTime('at')->index();
        });
        Schema::table('guests', static function (Blueprint $table): void {
            // Whether they may move the meeting and give it back.
            $table->boolean('may_change')->default(false);
        });
        Schema::table('seats', static function (Blueprint $table): void {
            $table->boolean('lengthened')->default(false);
        });
        Schema::table('waiting', static function (Blueprint $table): void {
            // What would suit: part of the day, place, host (App\Models\Wants).
            $table->json('wants')->nullable();
        });
        Schema::table('freed', static function (Blueprint $table): void {
            // Until then whoever gave it back can take it back.
            $table->dateTime('offered_from')->default('2026-01-01 00:00:00');
        });
        // Somebody asks whoever has a time for a student to bring them.
        Schema::create('joiners', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('booking_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->collation('utf8mb4_bin');
            $table->timestamps();
            $table->unique(['booking_id', 'email']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('joiners');
        Schema::dropIfExists('undone');
        Schema::table('freed', static fn(Blueprint $table) => $table->dropColumn('offered_from'));
        Schema::table('waiting', static fn(Blueprint $table) => $table->dropColumn('wants'));
        Schema::table('seats', static fn(Blueprint $table) => $table->dropColumn('lengthened'));
        Schema::table('guests', static fn(Blueprint $table) => $table->dropColumn('may_change'));
        Schema::table('bookings', static fn(Blueprint $table) => $table->dropColumn(['confirm_until', 'undo']));
        Schema::table(
            'passes',
            static fn(Blueprint $table) => $table->dropColumn(['clock', 'confirmed_at', 'new_email']),
        );
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn(['phone', 'confirm_addresses']));
    }
};
