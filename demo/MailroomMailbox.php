<?php

declare(strict_types=1);

namespace Demo;

use App\Answers\Mailbox;
use App\Answers\MailIn;
use Illuminate\Support\Facades\DB;

/** Stands where the school's mailbox would: what was answered in the mailroom comes in here. */
final class MailroomMailbox implements Mailbox
{
    public function name(): string
    {
        return 'mailroom';
    }

    public function after(string $mark, int $atMost): iterable
    {
        foreach (
            DB::table('mailroom_answers')->where('id', '>', (int) $mark)->orderBy('id')->limit($atMost)->get()
            as $one
        ) {
            yield MailIn::read((string) $one->id, (string) $one->raw);
        }
    }
}
