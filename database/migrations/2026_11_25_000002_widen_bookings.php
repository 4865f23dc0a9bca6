<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('holds', static function (Blueprint $table): void {
            // The time of a co-host who has to be there too; it goes when the first one goes.
            $table->foreignId('with_hold_id')->nullable()->constrained('holds')->cascadeOnDelete();
        });
        // A seat of a hold: taken by a booking, or kept for a few minutes while somebody types.
        Schema::create('seats', static function (Blueprint $table): void {
            $table->foreignId('hold_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('seat');
            $table->dateTime('kept_until')->nullable();
            $table->char('keeper', 64)->nullable()->index();
            // From which address it was kept, as a keyed hash: nobody keeps a whole evening.
            $table->char('keeper_at', 64)->nullable()->index();
            $table->primary(['hold_id', 'seat']);
        });
        DB::statement('INSERT INTO seats (hold_id, seat) SELECT hold_id, seat FROM bookings WHERE hold_id IS NOT NULL');
        Schema::table('passes', static function (Blueprint $table): void {
            $table->string('email', 190)->nullable()->change();
            $table->string('phone', 40)->default('')->change();
            // Why the last message to this address did not arrive.
            $table->string('mail_failure', 300)->default('');
            $table->index('email');
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            // Whom they meet: with several hosts of whom one is enough, the one who was free.
            $table->foreignId('staff_id')->nullable()->constrained('staff');
            $table->json('answers')->default('{}');
            $table->string('link', 2000)->nullable();
            $table->string('made_by', 8)->default('visitor');
            $table->boolean('maybe')->default(false);
            $table->string('answer_note', 1000)->default('');
            $table->dateTime('held_until')->nullable();
            $table->dateTime('called_in_at')->nullable();
            $table->string('student_key', 120)->default('')->index();
            $table->string('student', 120)->default('')->change();
            $table->index(['staff_id', 'starts_at']);
        });
        DB::statement(
            'UPDATE bookings JOIN sheets ON sheets.id = bookings.sheet_id SET bookings.staff_id = sheets.staff_id, bookings.student_key = LOWER(bookings.student)',
        );
        // The other guardian, an interpreter, a colleague: each with a pass of their own.
        Schema::create('guests', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('booking_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pass_id')->constrained();
            $table->dateTime('left_at')->nullable();
            $table->timestamps();
            $table->unique(['booking_id', 'pass_id']);
        });
        // Who books is locked while a booking of theirs is decided: nobody is in two meetings.
        Schema::create('booking_people', static fn(Blueprint $table) => $table->char('digest', 64)->primary());
        Schema::create('reminders_sent', static function (Blueprint $table): void {
            $table->foreignId('booking_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('minutes');
            $table->dateTime('starts_at');
            $table->primary(['booking_id', 'minutes', 'starts_at']);
        });
        Schema::create('digests_sent', static function (Blueprint $table): void {
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->date('day');
            $table->primary(['staff_id', 'day']);
        });
        Schema::create('waiting', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pass_id')->constrained();
            $table->dateTime('offered_start')->nullable();
            $table->dateTime('offered_until')->nullable();
            $table->char('keeper', 64)->nullable();
            $table->timestamps();
            $table->unique(['sheet_id', 'pass_id']);
        });
    }

    public function down(): void
    {
        throw new LogicException(
            'Bookings by the office and of several hosts cannot go back. Restore the backup taken before the update.',
        );
    }
};
