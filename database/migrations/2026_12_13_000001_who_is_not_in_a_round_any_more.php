<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // By the address of their sheet, which may be thrown away with them: families who wished for them read a name.
        Schema::table('rounds', static fn(Blueprint $table) => $table->json('gone')->nullable());
    }

    public function down(): void
    {
        Schema::table('rounds', static fn(Blueprint $table) => $table->dropColumn('gone'));
    }
};
