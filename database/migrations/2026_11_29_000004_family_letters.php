<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Who was written to about which sheet, so that nobody is written to again at once.
        Schema::create('family_letters', static function (Blueprint $table): void {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('guardian_id')->constrained()->cascadeOnDelete();
            $table->dateTime('sent_at');
            $table->primary(['sheet_id', 'guardian_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('family_letters');
    }
};
