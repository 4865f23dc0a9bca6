<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Pages that have to be told that something changed: written with the change, taken out when they were told.
        Schema::create('stamps', static function (Blueprint $table): void {
            $table->id();
            $table->char('channel', 43)->charset('ascii')->collation('ascii_bin');
        });
        // Somebody's turn with a host on a day: of a booking, or of somebody who just came in.
        Schema::create('turns', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('booking_id')->nullable()->unique()->constrained()->cascadeOnDelete();
            $table->date('day');
            // Of somebody without a booking.
            $table->string('name', 120)->default('');
            $table->string('student', 120)->default('');
            $table->string('phone', 40)->default('');
            $table->unsignedSmallInteger('minutes')->default(0);
            $table->dateTime('arrived_at')->nullable();
            $table->string('arrived_by', 8)->default('');
            $table->dateTime('called_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->unsignedSmallInteger('more_minutes')->default(0);
            // met, missed, or away: sent away kindly.
            $table->string('outcome', 6)->nullable();
            // Between host and whoever waits.
            $table->string('word', 300)->default('');
            $table->dateTime('word_at')->nullable();
            $table->string('answer', 60)->default('');
            $table->dateTime('answer_at')->nullable();
            $table->dateTime('video_failed_at')->nullable();
            // What the visitor was told last of when they are called in.
            $table->dateTime('said_from')->nullable();
            $table->dateTime('said_until')->nullable();
            // Seconds of lateness of which they were told.
            $table->unsignedInteger('told_late')->default(0);
            $table->timestamps();
            $table->index(['staff_id', 'day']);
        });
        // What a host noted about a meeting; read by whom the page says, and by no visitor.
        Schema::create('meeting_notes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('booking_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->text('text');
            $table->timestamps();
            $table->unique(['booking_id', 'staff_id']);
        });
        Schema::create('desk_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->date('day');
            // Raised by every press: of two who press at once, the second is told what is true now.
            $table->unsignedInteger('revision')->default(0);
            $table->unsignedSmallInteger('late_minutes')->default(0);
            $table->dateTime('break_from')->nullable();
            $table->dateTime('break_until')->nullable();
            // The last presses, and what each changed, for as long as they can be taken back.
            $table->json('presses')->default('[]');
            $table->timestamps();
            $table->unique(['staff_id', 'day']);
        });
        // Shared tablets at the entrance.
        Schema::create('kiosks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->char('token_hash', 64)->nullable()->unique();
            $table->unsignedSmallInteger('generation')->default(1);
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
        });
        Schema::table('staff', static function (Blueprint $table): void {
            // From how many minutes before their time visitors can say that they are here.
            $table->unsignedSmallInteger('arrive_minutes')->default(10);
            // After how many minutes somebody who is not there counts as missing.
            $table->unsignedSmallInteger('missing_minutes')->default(5);
            // From how many minutes of lateness those who come later are told.
            $table->unsignedSmallInteger('late_threshold')->default(10);
        });
        Schema::table('passes', static function (Blueprint $table): void {
            // How its holder wants to hear that a host runs late, beside the page.
            $table->boolean('late_by_mail')->default(true);
            $table->boolean('late_by_text')->default(false);
        });
        // Another time that a host offers to somebody: kept for them until they answer.
        Schema::create('offers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('booking_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->dateTime('until');
            $table->char('keeper', 64);
            $table->string('word', 1000)->default('');
            $table->timestamps();
        });
        // Text messages that did not arrive, and those that did: one row each.
        Schema::create('texts_sent', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pass_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('phone', 40);
            $table->string('key', 120)->unique();
            $table->string('failure', 300)->default('');
            $table->dateTime('sent_at');
        });
        // The students whom a host expects on a sheet that is for anyone: pasted, out of a table, or picked.
        Schema::create('expected', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->string('name_key', 120)->charset('utf8mb4')->collation('utf8mb4_bin');
            $table->string('class', 120)->default('');
            $table->string('email', 190)->nullable();
            $table->string('phone', 40)->default('');
            $table->dateTime('reminded_at')->nullable();
            $table->string('failure', 300)->default('');
            $table->timestamps();
            $table->unique(['sheet_id', 'name_key', 'class']);
        });
        // A message to all who came, or all who did not: once, with whom it went to.
        Schema::create('after_letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->uuid('request_key')->unique();
            $table->string('to', 6);
            $table->string('subject', 200);
            $table->text('text');
            $table->json('sent_to');
            $table->dateTime('sent_at');
        });
        // Called in now, and not once: a link that all share is gone from the page when the meeting is.
        DB::statement('UPDATE bookings SET called_in_at = NULL');
    }

    public function down(): void
    {
        foreach (
            [
                'after_letters',
                'expected',
                'texts_sent',
                'offers',
                'kiosks',
                'desk_days',
                'meeting_notes',
                'turns',
                'stamps',
            ]
            as $table
        ) {
            Schema::dropIfExists($table);
        }
        Schema::table('passes', static fn(Blueprint $table) => $table->dropColumn(['late_by_mail', 'late_by_text']));
        Schema::table(
            'staff',
            static fn(Blueprint $table) => $table->dropColumn(['arrive_minutes', 'missing_minutes', 'late_threshold']),
        );
    }
};
