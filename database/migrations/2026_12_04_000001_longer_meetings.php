<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whom a teacher of a round meets for longer. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('round_longer', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('round_host_id')->constrained('round_hosts')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained('students')->cascadeOnDelete();
            // How many times in a row.
            $table->unsignedTinyInteger('times');
            $table->unique(['round_host_id', 'student_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('round_longer');
    }
};
