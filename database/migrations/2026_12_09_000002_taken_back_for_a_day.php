<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The last file that was brought into a directory, and how what it changed was before: for a day.
        Schema::create('rolls_brought_in', static function (Blueprint $table): void {
            $table->foreignId('school_id')->primary()->constrained('schools')->cascadeOnDelete();
            $table->dateTime('at');
            $table->unsignedInteger('new');
            $table->unsignedInteger('changed');
            $table->unsignedInteger('gone');
            $table->longText('before');
        });
    }

    public function down(): void
    {
        Schema::drop('rolls_brought_in');
    }
};
