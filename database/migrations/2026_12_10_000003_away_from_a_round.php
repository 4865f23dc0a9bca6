<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Why it is closed: who comes after all has these times again, and no others.
        Schema::table('slot_changes', static fn(Blueprint $table) => $table->boolean('away')->default(false));
    }

    public function down(): void
    {
        Schema::table('slot_changes', static fn(Blueprint $table) => $table->dropColumn('away'));
    }
};
