<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What opens an account once: an invitation, or a new password for one that was forgotten.
        Schema::create('account_keys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->string('purpose', 16);
            $table->char('token_hash', 64)->nullable()->unique();
            $table->dateTime('until');
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
        });
        Schema::table('staff', static function (Blueprint $table): void {
            // When they first set a password of their own; null while they are only invited.
            $table->dateTime('came_at')->nullable();
        });
        DB::table('staff')->update(['came_at' => DB::raw('COALESCE(created_at, UTC_TIMESTAMP())')]);
    }

    public function down(): void
    {
        Schema::table('staff', static fn(Blueprint $table) => $table->dropColumn('came_at'));
        Schema::dropIfExists('account_keys');
    }
};
