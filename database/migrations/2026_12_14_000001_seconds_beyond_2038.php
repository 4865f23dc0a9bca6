<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Seconds since the epoch outgrow 31 bits on 19 January 2038. What is kept "for ever" is kept for ten years: ten years
 * before that day no worker would have started any more.
 */
return new class extends Migration {
    private const SECONDS = ['cache' => 'expiration', 'cache_locks' => 'expiration', 'sessions' => 'last_activity'];

    public function up(): void
    {
        foreach (self::SECONDS as $table => $column) {
            Schema::table($table, static fn(Blueprint $is) => $is->bigInteger($column)->change());
        }
    }

    public function down(): void
    {
        foreach (self::SECONDS as $table => $column) {
            Schema::table($table, static fn(Blueprint $is) => $is->integer($column)->change());
        }
    }
};
