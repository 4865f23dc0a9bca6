<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('rounds', static function (Blueprint $table): void {
            // Whether families wish until a day, and times are allotted; else they book, first come, first served.
            $table->boolean('collects')->default(false);
            $table->dateTime('wishes_until')->nullable();
            // Whether an allotment keeps a time free for each teacher on each long evening.
            $table->boolean('breaks')->default(false);
            $table->dateTime('allotted_at')->nullable();
            // Classes whose families come first, each with the moment from which they may book.
            $table->json('cohorts')->default('[]');
        });
        Schema::table('round_hosts', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('most')->nullable();
            // Where they were before all of the round went on by video.
            $table->json('before')->nullable();
        });
        // Whom a teacher needs to see.
        Schema::create('round_asks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_host_id')->constrained('round_hosts')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained('students')->cascadeOnDelete();
            $table->unique(['round_host_id', 'student_id']);
        });
        Schema::table('shortlists', static function (Blueprint $table): void {
            // What was sent of it as wishes, which counts; what is only ticked does not.
            $table->json('wished')->nullable();
            $table->dateTime('wished_at')->nullable();
        });
        // Who interprets there, for which language.
        Schema::create('round_interpreters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            // As BCP 47 writes it.
            $table->string('language', 35);
            $table->unique(['round_id', 'staff_id', 'language']);
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->string('language', 35)->nullable();
            $table->foreignId('interpreter_id')->nullable()->constrained('staff');
        });
        // When somebody was last reminded of it.
        Schema::create('round_letters', static function (Blueprint $table): void {
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->foreignId('guardian_id')->constrained('guardians')->cascadeOnDelete();
            $table->dateTime('sent_at');
            $table->primary(['round_id', 'guardian_id']);
        });
        Schema::create('allotments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            // The round while something is done with it: of two at once the database refuses one.
            $table->unsignedBigInteger('busy')->nullable()->unique();
            $table->string('state', 12);
            $table->unsignedInteger('seed')->default(0);
            $table->unsignedInteger('wishes')->default(0);
            $table->unsignedInteger('granted')->default(0);
            $table->unsignedInteger('bound')->default(0);
            $table->unsignedInteger('booked')->default(0);
            $table->boolean('to_stop')->default(false);
            $table->json('breaks')->default('[]');
            $table->dateTime('begun_at')->nullable();
            // When whoever works at it was last heard of.
            $table->dateTime('heard_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
        });
        // One wish of an allotment, and what it was given.
        Schema::create('allotted', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('allotment_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pass_id')->constrained('passes')->cascadeOnDelete();
            $table->foreignId('sheet_id')->nullable()->constrained('sheets')->nullOnDelete();
            $table->foreignId('student_id')->nullable()->constrained('students')->nullOnDelete();
            $table->string('host', 200);
            $table->string('student', 200);
            $table->unsignedSmallInteger('rank');
            $table->boolean('asked')->default(false);
            $table->string('language', 35)->nullable();
            $table->dateTime('starts_at')->nullable();
            $table->dateTime('ends_at')->nullable();
            $table->string('why', 30)->nullable();
            $table->boolean('pinned')->default(false);
            $table->boolean('told')->default(false);
            $table->foreignId('booking_id')->nullable()->constrained('bookings')->nullOnDelete();
            $table->index(['allotment_id', 'pass_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('allotted');
        Schema::dropIfExists('allotments');
        Schema::dropIfExists('round_letters');
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('interpreter_id');
            $table->dropColumn('language');
        });
        Schema::dropIfExists('round_interpreters');
        Schema::table('shortlists', static fn(Blueprint $table) => $table->dropColumn(['wished', 'wished_at']));
        Schema::dropIfExists('round_asks');
        Schema::table('round_hosts', static fn(Blueprint $table) => $table->dropColumn(['most', 'before']));
        Schema::table(
            'rounds',
            static fn(Blueprint $table) => $table->dropColumn([
                'collects',
                'wishes_until',
                'breaks',
                'allotted_at',
                'cohorts',
            ]),
        );
    }
};
