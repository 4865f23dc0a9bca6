<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What somebody has typed on a worksheet and not saved: one for each person and sheet, and one for a new sheet.
        Schema::create('drafts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->foreignId('sheet_id')->nullable()->constrained()->cascadeOnDelete();
            // The sheet again, 0 for a new one: a null would not be unique.
            $table->unsignedBigInteger('of');
            $table->json('form');
            $table->string('line', 1200)->default('');
            $table->timestamps();
            $table->unique(['staff_id', 'of']);
            $table->index('updated_at');
        });
    }

    public function down(): void
    {
        Schema::drop('drafts');
    }
};
