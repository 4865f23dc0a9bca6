<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A staff member's time, held by at least one booking. The database refuses a second hold that overlaps,
        // whatever the code above it does. See docs/decisions/0002-holds.md.
        DB::statement(
            <<<'SQL'
            CREATE TABLE holds (
                id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
                staff_id BIGINT UNSIGNED NOT NULL,
                sheet_id BIGINT UNSIGNED NOT NULL,
                starts_at DATETIME NOT NULL,
                ends_at DATETIME NOT NULL,
                PERIOD FOR held (starts_at, ends_at),
                UNIQUE KEY holds_never_twice (staff_id, held WITHOUT OVERLAPS),
                KEY holds_of_sheet (sheet_id, starts_at),
                CONSTRAINT holds_staff FOREIGN KEY (staff_id) REFERENCES staff (id),
                CONSTRAINT holds_sheet FOREIGN KEY (sheet_id) REFERENCES sheets (id)
            ) ENGINE = InnoDB
            SQL
            ,
        );

        Schema::create('bookings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained();
            $table->foreignId('pass_id')->constrained();
            $table->foreignId('place_id')->constrained();
            // Both are null once the booking is cancelled: the seat is free again, the booking is still known.
            $table->foreignId('hold_id')->nullable()->constrained();
            $table->unsignedSmallInteger('seat')->nullable();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->string('student', 120);
            $table->string('state', 10);
            $table->string('cancelled_by', 10)->nullable();
            $table->string('cancel_note', 1000)->default('');
            // RFC 5545, 3.8.4.7 and 3.8.7.4: one UID for life, a SEQUENCE that rises with each change.
            $table->uuid('uid')->unique();
            $table->unsignedInteger('sequence')->default(0);
            $table->uuid('request_key')->unique();
            $table->char('request_digest', 64);
            $table->timestamps();
            $table->unique(['hold_id', 'seat']);
            $table->index(['sheet_id', 'starts_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bookings');
        Schema::dropIfExists('holds');
    }
};
