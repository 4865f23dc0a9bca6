<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            // Whose pass, or who of the staff, of the side that cancelled_by names; none of those of before.
            $table->unsignedBigInteger('cancelled_by_id')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static fn(Blueprint $table) => $table->dropColumn('cancelled_by_id'));
    }
};
