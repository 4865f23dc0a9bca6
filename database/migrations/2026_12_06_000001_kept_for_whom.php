<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What is asked for by a knock, offered at a desk or to the next in line stands in somebody's way, while it is kept.
        Schema::table('seats', static function (Blueprint $table): void {
            $table->foreignId('pass_id')->nullable()->constrained('passes')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('seats', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('pass_id');
        });
    }
};
