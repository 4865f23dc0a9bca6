<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['students', 'guardians', 'school_classes'] as $name) {
            Schema::create($name, static function (Blueprint $table) use ($name): void {
                $table->id();
                $table->foreignId('school_id')->constrained();
                // As the school's own programs know them; compared byte by byte.
                $table->string('number', 120)->nullable()->collation('utf8mb4_bin');
                $table->string('name', 120);
                if ($name !== 'school_classes') {
                    // As names are compared (App\Models\NameKey::of).
                    $table->string('name_key', 120)->collation('utf8mb4_bin')->index();
                }
                if ($name === 'guardians') {
                    $table->string('email', 190)->nullable();
                    $table->string('phone', 40)->default('');
                    $table->string('language', 35)->default('');
                    // The code on their card: worked out from the key and this, kept as a hash.
                    $table->unsignedSmallInteger('generation')->default(1);
                    $table->char('code_hash', 64)->nullable()->unique();
                }
                $table->dateTime('put_away_at')->nullable();
                $table->timestamps();
                $table->unique(['school_id', 'number']);
            });
        }
        Schema::create('guardian_student', static function (Blueprint $table): void {
            $table->foreignId('guardian_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->boolean('may_book')->default(true);
            // Whether a file said so: what was typed by hand is not put away by the next file.
            $table->boolean('from_file')->default(false);
            $table->dateTime('put_away_at')->nullable();
            $table->primary(['guardian_id', 'student_id']);
        });
        Schema::create('class_student', static function (Blueprint $table): void {
            $table->foreignId('class_id')->constrained('school_classes')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->primary(['class_id', 'student_id']);
        });
        // Who teaches whom: by address, for a file names teachers before they have come.
        Schema::create('class_teachers', static function (Blueprint $table): void {
            $table->foreignId('class_id')->constrained('school_classes')->cascadeOnDelete();
            $table->string('email', 190)->collation('utf8mb4_bin');
            $table->primary(['class_id', 'email']);
        });
        Schema::table('schools', static function (Blueprint $table): void {
            // How the columns of a file were matched last: by the digest of its first line.
            $table->json('columns')->default('{}');
        });
        Schema::table('passes', static function (Blueprint $table): void {
            // Whose pass it is, where the school knows them.
            $table->foreignId('guardian_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->foreignId('staff_id')->nullable()->unique()->constrained('staff')->nullOnDelete();
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->foreignId('student_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('sheets', static function (Blueprint $table): void {
            // anyone, families or staff; and which classes and students, where it is for some families alone.
            $table->string('audience', 10)->default('anyone');
            $table->json('audience_classes')->default('[]');
            $table->json('audience_students')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table(
            'sheets',
            static fn(Blueprint $table) => $table->dropColumn(['audience', 'audience_classes', 'audience_students']),
        );
        Schema::table('bookings', static fn(Blueprint $table) => $table->dropConstrainedForeignId('student_id'));
        Schema::table('passes', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('guardian_id');
            $table->dropConstrainedForeignId('staff_id');
        });
        Schema::table('schools', static fn(Blueprint $table) => $table->dropColumn('columns'));
        foreach (
            ['class_teachers', 'class_student', 'guardian_student', 'school_classes', 'guardians', 'students']
            as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
