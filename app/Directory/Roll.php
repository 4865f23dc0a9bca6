<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use Recess\Names\NameKey;

/**
 * What a file says of a school's students, their guardians and classes, in whatever format it came. Whatever cannot be
 * understood is said, with its line, and left out.
 */
final class Roll
{
    /** So many of the notes are read by somebody. */
    private const NOTES = 200;

    /** @var array<string, array{number: string|null, name: string, classes: array<string, true>, guardians: array<string, bool>}>  by key; guardians' keys => may book */
    public array $students = [];

    /** @var array<string, array{number: string|null, name: string, email: string|null, phone: string, language: string}> by key */
    public array $guardians = [];

    /** @var array<string, array{number: string|null, name: string, teachers: array<string, true>}> by key */
    public array $classes = [];

    /** @var list<string> whole sentences */
    public array $notes = [];

    /** What was not understood. */
    public int $wrong = 0;

    /** Whether it says anything of guardians and classes: else what is known of them stays as it is. */
    public bool $hasGuardians = true;

    public bool $hasClasses = true;

    /** @var array<string, true> numbers of students of whom a file says that they have gone */
    public array $gone = [];

    /**
     * @param  string  $country  in which phone numbers are read
     * @param  bool  $whole  whether whoever is not in it has gone
     */
    public function __construct(
        private readonly string $country,
        public bool $whole,
        public readonly NearMatches $near = new NearMatches(),
    ) {}

    /** @param  array<string, string|int>  $values */
    public function note(string $key, array $values = []): void
    {
        if (count($this->notes) < self::NOTES) {
            $this->notes[] = Words::say("directory.$key", $values);
        }
    }

    /** @param  array<string, string|int>  $values */
    public function wrong(string $key, array $values = []): void
    {
        $this->wrong++;
        $this->note($key, $values);
    }

    /**
     * @param  string  $family  by which lists are in order; empty where it is not said apart
     * @param  bool  $another  whether it is somebody else than the one of that name who stands further up
     * @return string|null the student's key; null when the name is none
     */
    public function student(
        ?string $number,
        string $name,
        int $line,
        bool $another = false,
        string $family = '',
    ): ?string {
        if (!self::isName($name)) {
            $this->wrong('no_name', ['line' => $line, 'name' => mb_strimwidth($name, 0, 60, '…')]);

            return null;
        }
        $key = $number === null ? 'name ' . NameKey::of($name) . ($another ? " in line $line" : '') : "number $number";
        $known = $this->students[$key] ?? null;
        if ($known !== null && NameKey::of($known['name']) !== NameKey::of($name)) {
            $this->wrong('number_twice', [
                'line' => $line,
                'number' => (string) $number,
                'name' => $name,
                'other' => $known['name'],
            ]);

            return null;
        }
        $this->students[$key] ??= [
            'number' => $number,
            'name' => $name,
            'family' => NameKey::of($family),
            'classes' => [],
            'guardians' => [],
        ];

        return $key;
    }

    /** The one who stands further up without a number has this one. */
    public function numbered(string $key, string $number): string
    {
        if ($number !== '' && $this->students[$key]['number'] === null) {
            $this->students[$key]['number'] = $number;
        }

        return $key;
    }

    /** Without those who look after nobody else. */
    public function leaveOut(string $key): void
    {
        $theirs = $this->students[$key]['guardians'];
        unset($this->students[$key]);
        foreach ($this->students as $student) {
            $theirs = array_diff_key($theirs, $student['guardians']);
        }
        $this->guardians = array_diff_key($this->guardians, $theirs);
    }

    public function inClass(string $student, ?string $number, string $name): string
    {
        $key = $this->schoolClass($number, $name);
        $this->students[$student]['classes'][$key] = true;

        return $key;
    }

    public function schoolClass(?string $number, string $name): string
    {
        $key = $number === null ? "name $name" : "number $number";
        $this->classes[$key] ??= ['number' => $number, 'name' => mb_substr($name, 0, 120), 'teachers' => []];

        return $key;
    }

    /**
     * Somebody who looks after a student; the same one of several siblings, as far as an address, a phone number or a number
     * of their own says so: of a name alone there may be two. An address that is none, or a number that cannot be, is said
     * and left out: the person stays.
     */
    public function guardian(GuardianLine $one): ?string
    {
        if (!self::isName($one->name)) {
            $this->wrong('no_name', ['line' => $one->line, 'name' => mb_strimwidth($one->name, 0, 60, '…')]);

            return null;
        }
        $address = MailAddress::of($one->email);
        if ($address === null && $one->email !== '') {
            $this->note('no_address', [
                'line' => $one->line,
                'name' => $one->name,
                'email' => mb_strimwidth($one->email, 0, 60, '…'),
            ]);
        }
        $phone = $one->phone;
        if ($phone !== '' && !PhoneNumber::isOne($phone, $this->country)) {
            $this->note('no_phone', [
                'line' => $one->line,
                'name' => $one->name,
                'phone' => mb_strimwidth($phone, 0, 40, '…'),
            ]);
            $phone = '';
        }
        $phone = $phone === '' ? '' : PhoneNumber::written($phone, $this->country);
        // RFC 5646, 2.1, as far as a language tag looks like.
        $language = preg_match('/^[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*$/D', $one->language) === 1 ? $one->language : '';
        // Parents may share a mailbox: an address alone is not one person.
        $key = match (true) {
            $one->number !== null => "number $one->number",
            $address === null && $phone === '' => self::guardianKey($one->name, null, '') . $one->of,
            default => self::guardianKey($one->name, $address, $phone),
        };
        $known = $this->guardians[$key] ?? null;
        $this->guardians[$key] = [
            'number' => $one->number,
            'name' => $one->name,
            'email' => $address ?? ($known['email'] ?? null),
            'phone' => $phone !== '' ? $phone : $known['phone'] ?? '',
            'language' => $language !== '' ? $language : $known['language'] ?? '',
        ];

        return $key;
    }

    public static function guardianKey(string $name, ?string $email, string $phone): string
    {
        return 'name ' . NameKey::of($name) . '|' . ($email ?? $phone);
    }

    public function looksAfter(string $guardian, string $student, bool $mayBook = true): void
    {
        $this->students[$student]['guardians'][$guardian] = $mayBook;
    }

    /** What a table's program would work out is no name of anybody. */
    private static function isName(string $name): bool
    {
        return PersonName::isOne($name) && preg_match('/^[=+@|-]/', $name) !== 1;
    }
}
