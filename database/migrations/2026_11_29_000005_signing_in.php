<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('staff', static function (Blueprint $table): void {
            // The second factor's secret, encrypted with the application's key; since when it counts; and the last step that
            // was used, for a code opens once (RFC 6238, 5.2).
            $table->text('totp_secret')->nullable();
            $table->dateTime('totp_at')->nullable();
            $table->unsignedBigInteger('totp_step')->default(0);
            // The front desk sees the day's lists, and no more; and when somebody has left, whose name stays on what was.
            $table->boolean('reader')->default(false);
            $table->dateTime('left_at')->nullable();
        });
        Schema::create('recovery_codes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->char('code_hash', 64)->unique();
            $table->dateTime('used_at')->nullable();
        });
        // Machines on which somebody stays signed in.
        Schema::create('devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->char('token_hash', 64)->unique();
            $table->string('name', 120);
            $table->dateTime('until')->index();
            $table->dateTime('seen_at');
            $table->timestamps();
        });
        Schema::table('schools', static function (Blueprint $table): void {
            $table->boolean('office_second_factor')->default(false);
            $table->boolean('mail_sign_in')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table(
            'schools',
            static fn(Blueprint $table) => $table->dropColumn(['office_second_factor', 'mail_sign_in']),
        );
        Schema::dropIfExists('devices');
        Schema::dropIfExists('recovery_codes');
        Schema::table(
            'staff',
            static fn(Blueprint $table) => $table->dropColumn([
                'totp_secret',
                'totp_at',
                'totp_step',
                'reader',
                'left_at',
            ]),
        );
    }
};
