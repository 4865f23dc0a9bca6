<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Until its visitor's letter is written, with those of what else they book in these minutes.
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->boolean('letter_waits')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropColumn('letter_waits');
        });
    }
};
