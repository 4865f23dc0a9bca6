<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('saved_places', static function (Blueprint $table): void {
            // What is shown at its address; another picture has another one.
            $table->char('picture_key', 16)->charset('ascii')->nullable();
            $table->dateTime('removed_at')->nullable();
        });
        // A plan or a photograph, drawn anew from what was uploaded: more than a BLOB holds.
        DB::statement('ALTER TABLE saved_places ADD COLUMN picture MEDIUMBLOB NULL');
        Schema::table('schools', static function (Blueprint $table): void {
            // Rooms to which the school itself shows the way: nobody looks for them where there are none.
            $table->unsignedSmallInteger('shown_rooms')->default(0);
        });
        foreach (
            DB::table('saved_places')
                ->whereNull('staff_id')
                ->where('kind', 'room')
                ->where('directions', '<>', '')
                ->get()
            as $one
        ) {
            DB::table('schools')->where('id', $one->school_id)->increment('shown_rooms');
        }
    }

    public function down(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            $table->dropColumn('shown_rooms');
        });
        Schema::table('saved_places', static function (Blueprint $table): void {
            $table->dropColumn(['picture_key', 'picture', 'removed_at']);
        });
    }
};
