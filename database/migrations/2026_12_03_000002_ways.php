<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Between buildings or floors of which it takes longer, or no time: what the rooms there begin with.
        Schema::table('schools', static fn(Blueprint $table) => $table->json('ways')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn('ways'));
    }
};
