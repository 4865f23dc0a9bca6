<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In which language somebody who works here reads; null where they never said. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('staff', static fn(Blueprint $is) => $is->string('language', 8)->nullable());
    }

    public function down(): void
    {
        Schema::table('staff', static fn(Blueprint $is) => $is->dropColumn('language'));
    }
};
