<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            // As names are compared; null where no file has said it: then it is the last word of the name.
            $table->string('family', 120)->nullable()->after('name_key');
            $table
                ->string('sort_key', 250)
                ->storedAs("CONCAT(COALESCE(family, SUBSTRING_INDEX(name_key, ' ', -1)), ' ', name_key)")
                ->after('family');
            $table->index(['school_id', 'sort_key']);
        });
    }

    public function down(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            // The key on the school needs an index of its own before this one goes.
            $table->index('school_id');
            $table->dropIndex(['school_id', 'sort_key']);
            $table->dropColumn('sort_key');
        });
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('family'));
    }
};
