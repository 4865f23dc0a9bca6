<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which entry went to which address, and what was answered to it last: nobody else answers it, and nothing older counts.
        DB::statement(
            <<<'SQL'
            CREATE TABLE entries_sent (
                uid CHAR(36) NOT NULL,
                email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
                sequence INT UNSIGNED NOT NULL,
                sent_at DATETIME NOT NULL,
                answered_sequence INT UNSIGNED NULL,
                answered_stamp BIGINT NULL,
                PRIMARY KEY (uid, email),
                KEY entries_sent_email (email)
            ) ENGINE = InnoDB
            SQL
            ,
        );
        // What came to the mailbox and was left alone.
        Schema::create('mail_left', static function (Blueprint $table): void {
            $table->id();
            $table->string('mark', 60)->unique();
            $table->string('sender', 190);
            $table->string('subject', 200);
            $table->string('why', 30);
            $table->dateTime('at')->index();
        });
        // How far each mailbox has been read.
        Schema::create('mail_marks', static function (Blueprint $table): void {
            $table->char('mailbox', 64)->primary();
            $table->string('mark', 60);
        });
        // What the demo's mailroom takes in, as a mail server would.
        Schema::create('mailroom_answers', static function (Blueprint $table): void {
            $table->id();
            $table->mediumText('raw');
        });
    }

    public function down(): void
    {
        foreach (['entries_sent', 'mail_left', 'mail_marks', 'mailroom_answers'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
