<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // One for each letter that was tried and did not go out, until it has, or somebody has read of it.
        Schema::create('letters_unsent', static function (Blueprint $table): void {
            $table->char('job', 36)->charset('ascii')->primary();
            // Whose office is told to whom; null where that is not known, and then nobody is.
            $table->foreignId('school_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('email', 320);
            $table->string('about', 250);
            $table->string('said', 300);
            $table->unsignedSmallInteger('tries');
            $table->dateTime('since')->index();
            $table->dateTime('given_up_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('letters_unsent');
    }
};
