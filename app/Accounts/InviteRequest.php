<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\MailAddress;
use App\Models\PersonName;
use App\School\StaffRequest;
use Illuminate\Validation\Rule;

/** Who is invited, by the office. */
final class InviteRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::ofPerson();
    }

    /** @return array<string, list<mixed>> of one person, typed or out of a table */
    public static function ofPerson(): array
    {
        return [
            'name' => ['required', 'string', new PersonName()],
            'email' => ['required', 'string', new MailAddress()],
            'subject' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'role' => ['required', 'string', Rule::in(['staff', 'office', 'reader'])],
        ];
    }

    /** @return array{name: string, email: string, subject: string, role: string} */
    public function person(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'email' => (string) MailAddress::of($this->input('email')),
            'subject' => $this->string('subject')->trim()->toString(),
            'role' => $this->string('role')->toString(),
        ];
    }
}
