<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('passes', static function (Blueprint $table): void {
            // What a new pass's token is worked out from, so that its hash is written with it; those of before have none
            // and go by their number, as ever.
            $table->char('seed', 22)->charset('ascii')->collation('ascii_bin')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('passes', static fn(Blueprint $table) => $table->dropColumn('seed'));
    }
};
