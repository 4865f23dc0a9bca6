<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Who is at the door of a room of the demo's stand-in for a video service, or in it.
        Schema::create('room_guests', static function (Blueprint $table): void {
            $table->id();
            $table->char('room', 36);
            $table->uuid('guest');
            $table->string('name', 120);
            // door, in, later or out
            $table->string('state', 5);
            $table->string('word', 300)->default('');
            $table->timestamps();
            $table->unique(['room', 'guest']);
        });
        // The host is there: nobody opens a room ahead of them.
        Schema::create('open_rooms', static function (Blueprint $table): void {
            $table->char('room', 36)->primary();
            $table->string('host', 120);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('open_rooms');
        Schema::dropIfExists('room_guests');
    }
};
