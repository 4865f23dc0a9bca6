<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /**
     * Until this version a guest's calendar file held the address of the pass on which the booking stands, and its key for
     * answers. Those passes get others (recess:renew-shown), and their holders are told.
     */
    public function up(): void
    {
        Schema::table('passes', static function (Blueprint $table): void {
            $table->string('renew_because', 20)->nullable()->index();
        });
        DB::statement(
            'UPDATE passes SET renew_because = ? WHERE id IN (SELECT b.pass_id FROM bookings b JOIN guests g ON g.booking_id = b.id)',
            ['guest saw it'],
        );
    }

    public function down(): void
    {
        Schema::table('passes', static fn(Blueprint $table) => $table->dropColumn('renew_because'));
    }
};
