<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What opened a pass, a feed, a place in line or an account before the application's key was renewed.
        Schema::create('former_secrets', static function (Blueprint $table): void {
            $table->char('digest', 64)->primary();
            $table->string('of', 32);
            $table->unsignedBigInteger('row');
            $table->dateTime('until')->index();
            $table->index(['of', 'row']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('former_secrets');
    }
};
