<?php

declare(strict_types=1);

namespace App\Answers;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/** Reads what calendar programs and mail servers have sent to the school's mailbox. Run every minute. */
final class AnswersCommand extends Command
{
    /** At once; the rest a minute later. */
    private const MOST = 200;

    /** What was left alone is listed for so many days, and no more than so much of it. */
    private const DAYS = 30;

    private const LISTED = 500;

    protected $signature = 'recess:answers';

    protected $description = 'Read the answers that calendar programs have sent to the mailbox';

    public function handle(Mailbox $mailbox, TakeAnswer $take, TakeBounce $bounced): int
    {
        $now = Clock::now();
        $name = hash('sha256', $mailbox->name());
        try {
            foreach (
                $mailbox->after((string) DB::table('mail_marks')->where('mailbox', $name)->value('mark'), self::MOST)
                as $mail
            ) {
                $this->one($mail, $mail->delivery === '' ? $take : $bounced, $now);
                // One by one: stopped in the middle, it goes on after the last.
                DB::table('mail_marks')->updateOrInsert(['mailbox' => $name], ['mark' => $mail->mark]);
            }
        } catch (MailboxNotRead $failure) {
            Log::warning($failure->getMessage());
            $this->error($failure->getMessage());

            return self::FAILURE;
        }
        $oldest = DB::table('mail_left')->orderByDesc('id')->skip(self::LISTED)->value('id');
        DB::table('mail_left')
            ->where('at', '<', Instant::column($now - self::DAYS * 86_400))
            ->orWhere('id', '<=', is_numeric($oldest) ? (int) $oldest : 0)
            ->delete();

        return self::SUCCESS;
    }

    /** Whatever it is, the next one is read too. */
    private function one(MailIn $mail, TakeAnswer|TakeBounce $take, int $now): void
    {
        try {
            $left = $take($mail, $now);
        } catch (\Throwable $failure) {
            report($failure);
            $left = Left::Refused;
        }
        if ($left !== null) {
            DB::table('mail_left')->insertOrIgnore([
                'mark' => substr($mail->mark, 0, 60),
                'sender' => mb_strimwidth($mail->from, 0, 190),
                'subject' => mb_strimwidth($mail->subject, 0, 200, '…'),
                'why' => $left->value,
                'at' => Instant::column($now),
            ]);
        }
    }
}
