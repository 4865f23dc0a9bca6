<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Triggers run with the rights of whoever made them: that is now the user of the migrations, and no longer the application's. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::select('SHOW TRIGGERS') as $trigger) {
            DB::unprepared("DROP TRIGGER `$trigger->Trigger`");
            DB::unprepared(
                "CREATE TRIGGER `$trigger->Trigger` $trigger->Timing $trigger->Event ON `$trigger->Table` FOR EACH ROW $trigger->Statement",
            );
        }
    }
};
