<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('notices', static function (Blueprint $table): void {
            // Those from before have their message as it was written.
            $table->string('message', 500)->default('')->change();
            $table->string('says', 80)->nullable();
            $table->json('says_with')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('notices', static fn(Blueprint $table) => $table->dropColumn(['says', 'says_with']));
    }
};
