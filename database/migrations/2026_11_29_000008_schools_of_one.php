<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A tutor's, who shares the installation with others.
        Schema::table('schools', static fn(Blueprint $table) => $table->boolean('alone')->default(false));
    }

    public function down(): void
    {
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn('alone'));
    }
};
