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
            // Days after somebody's last meeting for which what they told stays; and for which it is kept who did what.
            $table->unsignedSmallInteger('keep_days')->default(180);
            $table->unsignedSmallInteger('log_days')->default(365);
        });
        Schema::table('passes', static function (Blueprint $table): void {
            // When what was known of its holder was taken away.
            $table->dateTime('forgotten_at')->nullable();
        });
        // As spatie/laravel-activitylog writes it.
        Schema::create('activity_log', static function (Blueprint $table): void {
            $table->bigIncrements('id');
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index('created_at');
        });
        // What was written down is not changed afterwards, whoever has the application's password to the database.
        DB::unprepared(
            "CREATE TRIGGER activity_log_stays BEFORE UPDATE ON activity_log FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was written down is not changed.'",
        );
        DB::unprepared(
            "CREATE TRIGGER activity_log_stays_a_month BEFORE DELETE ON activity_log FOR EACH ROW IF OLD.created_at > UTC_TIMESTAMP() - INTERVAL 30 DAY THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was written down stays for a month at least.'; END IF",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('activity_log');
        Schema::table('passes', static fn(Blueprint $table) => $table->dropColumn('forgotten_at'));
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn(['keep_days', 'log_days']));
    }
};
