<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A host's own calendars on a calendar server (CalDAV): what is busy there counts here, what is booked here stands there. */
return new class extends Migration {
    public function up(): void
    {
        // Asked at each booking of theirs, with what is read of a host anyway.
        Schema::table('staff', static function (Blueprint $is): void {
            $is->boolean('has_server')->default(false);
        });
        Schema::create('calendar_servers', static function (Blueprint $is): void {
            $is->id();
            $is->foreignId('staff_id')->unique()->constrained('staff')->cascadeOnDelete();
            // All three encrypted.
            $is->text('address');
            $is->text('name');
            $is->text('password');
            $is->string('says', 120)->nullable();
            $is->json('says_with')->nullable();
            $is->dateTime('looked_at')->nullable();
            $is->dateTime('not_before')->nullable();
            $is->timestamps();
        });
        Schema::create('server_calendars', static function (Blueprint $is): void {
            $is->id();
            $is->foreignId('server_id')->constrained('calendar_servers')->cascadeOnDelete();
            // What is busy in it, where it counts.
            $is->foreignId('calendar_id')->nullable()->constrained('calendars')->nullOnDelete();
            $is->string('path', 1000);
            $is->string('name', 120);
            $is->boolean('can_write');
            $is->boolean('takes_meetings')->default(false);
            $is->string('token', 1000)->nullable();
            $is->dateTime('listed_at')->nullable();
        });
        Schema::create('server_objects', static function (Blueprint $is): void {
            $is->id();
            $is->foreignId('server_calendar_id')->constrained('server_calendars')->cascadeOnDelete();
            $is->string('path', 1000);
            $is->char('path_hash', 64)->collation('ascii_bin');
            $is->string('etag', 300);
            $is->mediumText('text')->nullable();
            $is->unique(['server_calendar_id', 'path_hash']);
        });
        Schema::create('server_entries', static function (Blueprint $is): void {
            $is->id();
            $is->foreignId('server_calendar_id')->constrained('server_calendars')->cascadeOnDelete();
            $is->foreignId('booking_id')->constrained('bookings')->cascadeOnDelete();
            $is->string('path', 1000);
            $is->string('etag', 300);
            $is->unsignedInteger('sequence');
            // Encrypted: as we wrote it last, by which what its owner has added is known.
            $is->mediumText('written');
            $is->char('hash', 64)->collation('ascii_bin');
            $is->boolean('taken_out')->default(false);
            $is->unique(['server_calendar_id', 'booking_id']);
        });
    }

    public function down(): void
    {
        foreach (['server_entries', 'server_objects', 'server_calendars', 'calendar_servers'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('staff', static fn(Blueprint $is) => $is->dropColumn('has_server'));
    }
};
