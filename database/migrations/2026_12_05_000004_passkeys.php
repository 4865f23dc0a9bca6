<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('passkeys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            // The credential's ID in base64url (up to 1,023 bytes), and what finds it.
            $table->string('credential', 1400)->collation('ascii_bin');
            $table->char('credential_hash', 64)->unique();
            // A JSON Web Key (RFC 7517).
            $table->string('public_key', 1000);
            $table->unsignedBigInteger('counter')->default(0);
            $table->string('name', 120);
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('passkeys');
    }
};
