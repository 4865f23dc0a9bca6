<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('rounds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->string('slug', 80)->unique();
            $table->string('title', 120);
            $table->text('intro');
            $table->string('state', 10)->default('draft');
            // What all of its sheets have in common, as a worksheet's record has it.
            $table->json('blocks');
            $table->json('rules');
            $table->json('questions');
            // Of these classes' families alone; empty for all. With families false, for anyone.
            $table->boolean('families')->default(true);
            $table->json('classes')->default('[]');
            $table->unsignedInteger('version')->default(1);
            $table->dateTime('published_at')->nullable();
            $table->timestamps();
        });
        Schema::table('sheets', static function (Blueprint $table): void {
            $table->foreignId('round_id')->nullable()->constrained();
        });
        // What is each teacher's own of it: where they are, and when they are not.
        Schema::create('round_hosts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('sheet_id')->nullable()->unique()->constrained();
            $table->string('kind', 10)->default('room');
            $table->string('label', 120)->default('');
            $table->string('link', 2000)->nullable();
            $table->text('directions');
            $table->json('absent')->default('[]');
            $table->timestamps();
            $table->unique(['round_id', 'staff_id']);
        });
        // Whom a family wants to meet, and when it can come: as its page last said it.
        Schema::create('shortlists', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->foreignId('pass_id')->constrained('passes')->cascadeOnDelete();
            $table->json('asked');
            $table->timestamps();
            $table->unique(['round_id', 'pass_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shortlists');
        Schema::dropIfExists('round_hosts');
        Schema::table('sheets', static fn(Blueprint $table) => $table->dropConstrainedForeignId('round_id'));
        Schema::dropIfExists('rounds');
    }
};
