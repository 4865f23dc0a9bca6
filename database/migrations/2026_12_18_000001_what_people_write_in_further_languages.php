<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * In which language the texts of a sheet or a round were written (null where nobody said), and what they are in others:
 * by language, each text by the original.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach (['sheets', 'rounds'] as $table) {
            Schema::table($table, static function (Blueprint $is): void {
                $is->string('language', 8)->nullable();
                $is->json('versions')->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (['sheets', 'rounds'] as $table) {
            Schema::table($table, static fn(Blueprint $is) => $is->dropColumn(['language', 'versions']));
        }
    }
};
