<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\School;
use App\Models\StaffMember;
use App\School\NewPassword;
use Illuminate\Foundation\Http\FormRequest;

/** What an empty server is told: the school, and the first of its office. */
final class MoveInRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::ofSchool() + ['password' => ['bail', 'required', 'string', new NewPassword($this->asPerson())]];
    }

    /** @return array<string, list<mixed>> typed on the page or given to the command */
    public static function ofSchool(): array
    {
        return [
            'school' => ['bail', 'required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'zone' => ['bail', 'required', 'string', 'timezone:all'],
            'country' => ['bail', 'required', 'string', 'size:2', 'alpha:ascii'],
            'name' => ['bail', 'required', 'string', new PersonName()],
            'email' => ['bail', 'required', 'string', new MailAddress()],
        ];
    }

    /** Of what their password must not be made. */
    private function asPerson(): StaffMember
    {
        $text = fn(string $field): string => is_string($this->input($field)) ? $this->input($field) : '';
        $person = new StaffMember(['name' => $text('name'), 'email' => $text('email'), 'subject' => '']);

        return $person->setRelation('school', new School(['name' => $text('school')]));
    }
}
