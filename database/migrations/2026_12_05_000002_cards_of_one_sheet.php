<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** The code on a card opens one sheet or one round. Cards that were printed before open the newest round that is open, or the newest sheet for families. */
    public function up(): void
    {
        Schema::create('card_codes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('guardian_id')->constrained()->cascadeOnDelete();
            $table->foreignId('sheet_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('round_id')->nullable()->constrained()->cascadeOnDelete();
            $table->char('code_hash', 64)->unique();
            $table->dateTime('until')->index();
            $table->timestamps();
        });
        DB::statement(
            <<<'SQL'
            INSERT INTO card_codes (guardian_id, round_id, sheet_id, code_hash, until, created_at, updated_at)
            SELECT g.id, r.id, IF(r.id IS NULL, s.id, NULL), g.code_hash, NOW() + INTERVAL 60 DAY, NOW(), NOW()
            FROM guardians g
            LEFT JOIN rounds r ON r.id = (SELECT MAX(id) FROM rounds WHERE state = 'open' AND school_id = g.school_id)
            LEFT JOIN sheets s ON s.id = (SELECT MAX(id) FROM sheets WHERE state = 'open' AND audience = 'families' AND round_id IS NULL)
            WHERE g.code_hash IS NOT NULL AND (r.id IS NOT NULL OR s.id IS NOT NULL)
            SQL
            ,
        );
        Schema::table('guardians', static fn(Blueprint $table) => $table->dropColumn('code_hash'));
    }

    public function down(): void
    {
        Schema::table('guardians', static fn(Blueprint $table) => $table->char('code_hash', 64)->nullable()->unique());
        Schema::dropIfExists('card_codes');
    }
};
