<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The key of an empty server is nobody's: whoever opens it becomes the first of the office.
        Schema::table('account_keys', static function (Blueprint $table): void {
            $table->unsignedBigInteger('staff_id')->nullable()->change();
        });
    }

    public function down(): void
    {
        DB::table('account_keys')->whereNull('staff_id')->delete();
        Schema::table('account_keys', static function (Blueprint $table): void {
            $table->unsignedBigInteger('staff_id')->nullable(false)->change();
        });
    }
};
