<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // On which terms a host can be asked for a time that no sheet offers.
        Schema::create('knock_terms', static function (Blueprint $table): void {
            $table->foreignId('staff_id')->primary()->constrained('staff')->cascadeOnDelete();
            $table->boolean('allowed')->default(false);
            // By ISO number of the weekday, lists of "08:00-16:00".
            $table->json('hours')->default('{}');
            $table->unsignedSmallInteger('lead_hours')->default(24);
            $table->unsignedSmallInteger('ahead_days')->default(14);
            $table->json('lengths')->default('[]');
            $table->json('place_ids')->default('[]');
            $table->unsignedSmallInteger('most_open')->default(10);
            $table->unsignedSmallInteger('kept_hours')->default(72);
            $table->string('audience', 10)->default('anyone');
            $table->json('questions')->default('[]');
            $table->string('intro', 500)->default('');
            $table->timestamps();
        });
        Schema::create('knocks', static function (Blueprint $table): void {
            $table->id();
            // The small sheet on which its times are kept and its meeting is booked; gone when nothing came of it.
            $table->foreignId('sheet_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('pass_id')->constrained();
            $table->foreignId('place_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('booking_id')->nullable()->constrained()->nullOnDelete();
            $table->string('state', 12);
            $table->string('title', 120);
            $table->text('details');
            $table->string('work', 2000)->default('');
            $table->string('student', 120)->default('');
            $table->unsignedBigInteger('student_id')->nullable();
            $table->json('answers')->default('{}');
            $table->char('keeper', 64);
            $table->dateTime('until');
            $table->uuid('uid')->unique();
            $table->unsignedInteger('sequence')->default(0);
            $table->string('answer_note', 1000)->default('');
            $table->dateTime('asked_again_at')->nullable();
            $table->uuid('request_key')->unique();
            $table->char('request_digest', 64);
            $table->timestamps();
            $table->index(['state', 'until']);
        });
        Schema::create('knock_hosts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('knock_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->string('answer', 10)->default('none');
            $table->unique(['knock_id', 'staff_id']);
        });
        Schema::create('knock_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('knock_id')->constrained()->cascadeOnDelete();
            $table->string('by', 8);
            $table->unsignedTinyInteger('position');
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            // The one that a host has said yes or maybe to.
            $table->boolean('chosen')->default(false);
        });
    }

    public function down(): void
    {
        foreach (['knock_choices', 'knock_hosts', 'knocks', 'knock_terms'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
