<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('schools', static function (Blueprint $table): void {
            // Lists of {"name", "first", "last"}, dates as YYYY-MM-DD.
            $table->json('terms')->default('[]');
            $table->json('closed_days')->default('[]');
            $table->unsignedSmallInteger('travel_minutes')->default(5);
        });
        Schema::table('staff', static function (Blueprint $table): void {
            $table->string('title', 120)->default('');
            $table->string('slug', 80)->nullable()->unique();
            $table->boolean('office')->default(false);
            $table->string('zone', 64)->nullable();
            $table->string('clock', 4)->default('auto');
            $table->string('notify', 6)->default('each');
            $table->boolean('tentative_busy')->default(true);
            $table->unsignedSmallInteger('feed_generation')->default(1);
            $table->char('feed_hash', 64)->nullable()->unique();
            // A small square picture, made anew from what was uploaded.
            $table->binary('picture')->nullable();
        });
        foreach (DB::table('staff')->get(['id', 'name']) as $staff) {
            DB::table('staff')
                ->where('id', $staff->id)
                ->update(['slug' => Str::limit(Str::slug($staff->name), 60, '') . '-' . $staff->id]);
        }
        Schema::create('saved_places', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_id')->constrained();
            // Null for the school's own places, which everybody may use.
            $table->foreignId('staff_id')->nullable()->constrained('staff')->cascadeOnDelete();
            $table->string('kind', 10);
            $table->string('label', 120);
            $table->string('link', 2000)->nullable();
            $table->string('directions', 500)->default('');
            $table->timestamps();
        });
        Schema::table('sheets', static function (Blueprint $table): void {
            // App\Sheets\SheetRules and App\Sheets\Questions.
            $table->json('rules')->default('{}');
            $table->json('questions')->default('[]');
            $table->boolean('joining')->default(false);
            $table->string('paused_note', 500)->default('');
            $table->dateTime('put_away_at')->nullable();
            $table->dateTime('looked_at')->nullable();
            // Rises with every change, so that the second of two writers is told.
            $table->unsignedInteger('version')->default(1);
            $table->uuid('uid')->nullable()->unique();
        });
        // Every address that a sheet ever had goes on working.
        Schema::create('sheet_slugs', static function (Blueprint $table): void {
            $table->string('slug', 80)->primary();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
        });
        Schema::create('sheet_hosts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('staff_id')->constrained('staff')->cascadeOnDelete();
            $table->string('role', 10);
            $table->unique(['sheet_id', 'staff_id']);
        });
        // What is different about a single slot: closed by hand, or with more seats.
        Schema::create('slot_changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->boolean('closed')->default(false);
            $table->unsignedSmallInteger('extra_seats')->default(0);
            $table->unique(['sheet_id', 'starts_at']);
        });
        $this->keepBlocksAsRecords();
        Schema::table('places', static function (Blueprint $table): void {
            $table->string('link_mode', 5)->default('one');
            $table->unsignedSmallInteger('position')->default(0);
            // Taken off the sheet while bookings still stand on it.
            $table->dateTime('removed_at')->nullable();
        });
        foreach (DB::table('sheets')->get(['id', 'lead_minutes', 'seats']) as $sheet) {
            DB::table('sheets')
                ->where('id', $sheet->id)
                ->update([
                    'uid' => Str::uuid()->toString(),
                    'rules' => json_encode(['lead_minutes' => $sheet->lead_minutes, 'seats' => $sheet->seats]),
                    'questions' => json_encode([
                        ['key' => 'student', 'kind' => 'student', 'label' => 'Student’s name', 'required' => true],
                        ['key' => 'phone', 'kind' => 'phone', 'label' => 'Phone number', 'required' => true],
                    ]),
                ]);
        }
        Schema::table('sheets', static fn(Blueprint $table) => $table->dropColumn(['lead_minutes', 'seats']));
    }

    /** From columns for a block on listed dates to the record that can say every block (Recess\Records). */
    private function keepBlocksAsRecords(): void
    {
        Schema::table('blocks', static fn(Blueprint $table) => $table->json('record')->default('{}'));
        $clock = static fn(int $minute): string => sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
        foreach (DB::table('blocks')->get() as $block) {
            DB::table('blocks')
                ->where('id', $block->id)
                ->update([
                    'record' => json_encode([
                        'kind' => 'dates',
                        'dates' => json_decode((string) $block->pattern, true)['on'],
                        'hours' => [
                            [
                                'from' => $clock($block->from_minute),
                                'until' => $clock($block->from_minute + $block->lasts_minutes),
                                'overnight' => false,
                            ],
                        ],
                        'minutes' => $block->slot_minutes,
                        'gap' => $block->gap_minutes,
                    ]),
                ]);
        }
        Schema::table(
            'blocks',
            static fn(Blueprint $table) => $table->dropColumn([
                'pattern',
                'from_minute',
                'lasts_minutes',
                'slot_minutes',
                'gap_minutes',
            ]),
        );
    }

    public function down(): void
    {
        throw new LogicException(
            'Blocks that repeat cannot go back into columns for one date. Restore the backup taken before the update.',
        );
    }
};
