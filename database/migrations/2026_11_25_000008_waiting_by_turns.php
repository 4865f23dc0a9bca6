<?php

declare(strict_types=1);

use App\Models\Secret;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('waiting', static function (Blueprint $table): void {
            $table->char('token_hash', 64)->nullable()->unique();
            // Nothing is kept for an address that has not answered.
            $table->dateTime('confirmed_at')->nullable();
            // Offers that were let pass or declined: after one they are at the end, after two they are out.
            $table->unsignedTinyInteger('passed')->default(0);
        });
        foreach (DB::table('waiting')->pluck('id') as $id) {
            DB::table('waiting')
                ->where('id', $id)
                ->update([
                    'token_hash' => Secret::hash(Secret::of("waiting|$id")),
                    'confirmed_at' => DB::raw('created_at'),
                ]);
        }
        // Times that came free while somebody waited: these are offered, and no others.
        Schema::create('freed', static function (Blueprint $table): void {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->dateTime('starts_at');
            $table->primary(['sheet_id', 'starts_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('freed');
        Schema::table(
            'waiting',
            static fn(Blueprint $table) => $table->dropColumn(['token_hash', 'confirmed_at', 'passed']),
        );
    }
};
