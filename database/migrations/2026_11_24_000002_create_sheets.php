<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sheets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff');
            $table->string('slug', 80)->unique();
            $table->string('title', 120);
            $table->string('kind', 20)->default('conferences');
            $table->string('state', 10)->default('draft');
            $table->text('intro');
            $table->unsignedSmallInteger('seats')->default(1);
            $table->unsignedInteger('lead_minutes')->default(1440);
            $table->dateTime('published_at')->nullable();
            $table->timestamps();
        });

        Schema::create('blocks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            // On which dates, as the core's patterns say it; {"on": ["2026-12-03"]} for listed dates.
            $table->json('pattern');
            $table->unsignedSmallInteger('from_minute');
            $table->unsignedSmallInteger('lasts_minutes');
            $table->unsignedSmallInteger('slot_minutes');
            $table->unsignedSmallInteger('gap_minutes')->default(0);
            $table->timestamps();
        });

        Schema::create('places', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->string('label', 120);
            $table->string('link', 2000)->nullable();
            $table->string('directions', 500)->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('places');
        Schema::dropIfExists('blocks');
        Schema::dropIfExists('sheets');
    }
};
