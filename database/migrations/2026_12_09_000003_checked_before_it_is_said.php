<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('allotments', static function (Blueprint $table): void {
            // How many of the times that were shown had gone when they were to be booked; nothing was booked then.
            $table->unsignedInteger('short')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('allotments', static fn(Blueprint $table) => $table->dropColumn('short'));
    }
};
