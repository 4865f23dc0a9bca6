<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('mailroom_messages', static function (Blueprint $table): void {
            // RFC 5322, 3.6.4: one identity for each message; null for those that came before it was kept.
            $table->string('message_id', 190)->nullable();
            $table->unique(['recipient', 'message_id']);
        });
    }

    public function down(): void
    {
        Schema::table('mailroom_messages', static function (Blueprint $table): void {
            $table->dropUnique(['recipient', 'message_id']);
            $table->dropColumn('message_id');
        });
    }
};
