<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Models\MailAddress;
use App\Models\Party;
use App\Models\Pass;
use Recess\Names\NameKey;

/** The office books for somebody on the phone, who may have no e-mail address. */
final class OfficeBookingRequest extends BookingRequest
{
    protected function emailOptional(): bool
    {
        return true;
    }

    protected function party(): Party
    {
        return Party::Office;
    }

    /** Of somebody whom the school knows as that student's guardian, it stands on their own pass. */
    protected function knownPass(?int $student): ?Pass
    {
        $name = NameKey::of($this->string('name')->toString());
        $email = MailAddress::of($this->input('email'));

        return $student === null
            ? null
            : Student::query()
                ->find($student)
                ?->guardians->first(
                    static fn(Guardian $one): bool => $one->name_key === $name &&
                        ($email === null || $one->email === $email),
                )
                ?->pass();
    }
}
