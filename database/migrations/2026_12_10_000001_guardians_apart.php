<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schools', static fn(Blueprint $table) => $table->boolean('guardians_apart')->default(false));
    }

    public function down(): void
    {
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn('guardians_apart'));
    }
};
