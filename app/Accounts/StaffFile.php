<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\CsvFile;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Validator;

/** Many to invite, out of a table: who is new, who is on the list already, and what is not understood, line by line. */
final readonly class StaffFile
{
    public const MOST = 500;

    /**
     * @param  list<array{name: string, email: string, subject: string, role: string}>  $new
     * @param  list<string>  $notes  what else there is to say, whole sentences
     */
    private function __construct(public array $new, public int $known, public array $notes) {}

    /** @throws NotNow when the columns are not named, or there are too many lines */
    public static function read(string $bytes): self
    {
        $file = CsvFile::read($bytes);
        $name = $file->column('name', 'full name');
        $email = $file->column('email', 'e-mail', 'mail', 'e-mail address', 'email address');
        $subject = $file->column('subject', 'subject or work', 'department', 'work');
        $role = $file->column('role', 'office');
        if ($name === null || $email === null || $subject === null) {
            throw new NotNow(Words::say('accounts.file_columns'));
        }
        if (count($file->rows) > self::MOST) {
            throw new NotNow(Words::say('accounts.file_long', ['most' => self::MOST]));
        }
        $notes = $file->guessed ? [Words::say('accounts.file_guessed')] : [];
        $taken = StaffMember::query()->pluck('email')->flip()->all();
        $new = $seen = [];
        $known = 0;
        foreach ($file->rows as $line => $row) {
            $person = [
                'name' => $row[$name] ?? '',
                'email' => $row[$email] ?? '',
                'subject' => $row[$subject] ?? '',
                'role' => self::role($role === null ? '' : $row[$role] ?? ''),
            ];
            $check = Validator::make($person, InviteRequest::ofPerson());
            $kept = (string) MailAddress::of($person['email']);
            if ($check->fails()) {
                $notes[] = Words::say('accounts.file_line', ['line' => $line, 'why' => $check->errors()->first()]);
            } elseif (isset($taken[$kept])) {
                $known++;
            } elseif (isset($seen[$kept])) {
                $notes[] = Words::say('accounts.file_twice', ['line' => $line, 'first' => $seen[$kept]]);
            } else {
                $seen[$kept] = $line;
                $new[] = ['email' => $kept] + $person;
            }
        }

        return new self($new, $known, $notes);
    }

    private static function role(string $said): string
    {
        return match (mb_strtolower($said)) {
            '1', 'x', 'yes', 'true', 'office' => 'office',
            'reader' => 'reader',
            default => 'staff',
        };
    }
}
