<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('calendars', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->string('name', 120);
            // Encrypted: feed addresses carry their owner's secret. Null for an uploaded file.
            $table->text('address')->nullable();
            $table->longText('text')->nullable();
            $table->string('etag', 300)->nullable();
            $table->dateTime('fetched_at')->nullable();
            $table->string('failure', 500)->default('');
            $table->json('skipped')->default('[]');
            $table->timestamps();
        });
        // Read out of the calendars for the time in which meetings can be.
        Schema::create('busy_spans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('calendar_id')->constrained()->cascadeOnDelete();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->string('title', 200)->default('');
            $table->index(['calendar_id', 'starts_at']);
        });
        // Something that a host should look at: a calendar entry over a meeting, a message that did not arrive.
        Schema::create('notices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('booking_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('key', 120);
            $table->string('message', 500);
            $table->dateTime('seen_at')->nullable();
            $table->timestamps();
            $table->unique(['staff_id', 'key']);
        });
    }

    public function down(): void
    {
        foreach (['notices', 'busy_spans', 'calendars'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
