<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Several web servers, each with readers of its own: a stamp stays until each of them has told it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('tellers', static function (Blueprint $is): void {
            $is->string('name', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $is->dateTime('heard_at');
        });
        Schema::create('stamps_told', static function (Blueprint $is): void {
            $is->unsignedBigInteger('stamp_id');
            $is->string('teller', 64)->charset('ascii')->collation('ascii_bin');
            $is->primary(['stamp_id', 'teller']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stamps_told');
        Schema::dropIfExists('tellers');
    }
};
