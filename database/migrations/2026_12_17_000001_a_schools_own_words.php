<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sentences that the school words otherwise than ours; and what ours was then, so that a change of ours is seen. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('wordings', static function (Blueprint $is): void {
            $is->id();
            $is->string('language', 8);
            $is->string('key', 120)->collation('ascii_bin');
            $is->text('text');
            $is->text('ours');
            $is->unsignedBigInteger('written_at');
            $is->unique(['language', 'key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('wordings');
    }
};
