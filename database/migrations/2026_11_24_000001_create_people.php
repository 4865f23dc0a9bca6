<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('schools', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('zone', 64);
            $table->char('country', 2);
            $table->timestamps();
        });

        Schema::create('staff', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            $table->string('name', 120);
            $table->string('subject', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        // A visitor has no account; their pass is known by the hash of its token.
        Schema::create('passes', static function (Blueprint $table): void {
            $table->id();
            $table->char('token_hash', 64)->nullable()->unique();
            $table->unsignedSmallInteger('generation')->default(1);
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('phone', 40);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('passes');
        Schema::dropIfExists('staff');
        Schema::dropIfExists('schools');
    }
};
