<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Who looks after whose sheets while they are away.
        Schema::create('lendings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('of_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('to_id')->constrained('staff')->cascadeOnDelete();
            $table->dateTime('until')->index();
            $table->unique(['of_id', 'to_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('lendings');
    }
};
