<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\CsvFile;
use App\Models\MailAddress;

/**
 * A bundle of tables as OneRoster 1.2 describes it (1EdTech, OneRoster 1.2 CSV binding, chapters 4 and 5, from memory):
 * manifest.csv says which tables there are, and whether each has all (“bulk”) or what has changed (“delta”). Read are
 * orgs, users and their roles, classes, and enrollments; demographics are left out unread. In bundles of version 1.1 the
 * role stands with the user, and is read there.
 */
final class OneRosterRoll
{
    /** Of all tables together, unpacked: ten times a large school's. In memory they are ten times that. */
    private const MOST_BYTES = 12 * 1024 * 1024;

    private const NEEDED = ['users', 'classes', 'enrollments'];

    private const GUARDIANS = ['guardian', 'parent', 'relative'];

    /** @throws RollNotReadable when it is no such bundle, or one of its tables is missing */
    public static function read(string $path, string $country): Roll
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw RollNotReadable::because('no_bundle');
        }
        try {
            $modes = self::manifest($zip);
            $roll = new Roll($country, $modes['users'] === 'bulk');
            $roles = self::roles($zip, $modes);
            [$teachers, $known] = self::users($zip, $roll, $roles);
            self::classes($zip, $roll, $teachers, $known);

            return $roll;
        } finally {
            $zip->close();
        }
    }

    /** @return array<string, string> how much each table has, by its name */
    private static function manifest(\ZipArchive $zip): array
    {
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $bytes += (int) ($zip->statIndex($i)['size'] ?? 0);
        }
        if ($bytes > self::MOST_BYTES) {
            throw RollNotReadable::because('bundle_large');
        }
        $modes = [];
        foreach (self::table($zip, 'manifest') as $row) {
            if (str_starts_with($row['propertyname'] ?? '', 'file.')) {
                $modes[substr($row['propertyname'], 5)] = strtolower($row['value'] ?? '');
            }
        }
        foreach (self::NEEDED as $name) {
            if (!in_array($modes[$name] ?? '', ['bulk', 'delta'], true) || $zip->locateName("$name.csv") === false) {
                throw RollNotReadable::because('table_missing', ['table' => "$name.csv"]);
            }
        }

        return $modes;
    }

    /**
     * @param  array<string, string>  $modes
     * @return array<string, array<string, true>> a user's roles
     */
    private static function roles(\ZipArchive $zip, array $modes): array
    {
        $roles = [];
        foreach (
            in_array($modes['roles'] ?? 'absent', ['bulk', 'delta'], true) ? self::table($zip, 'roles') : []
            as $row
        ) {
            if (strtolower($row['status'] ?? '') !== 'tobedeleted') {
                $roles[$row['usersourcedid'] ?? ''][strtolower($row['role'] ?? '')] = true;
            }
        }

        return $roles;
    }

    /**
     * @param  array<string, array<string, true>>  $roles
     * @return array{array<string, string>, array<string, string>} teachers' addresses and students' keys, by sourcedId
     */
    private static function users(\ZipArchive $zip, Roll $roll, array $roles): array
    {
        $students = $guardians = $teachers = $agents = [];
        foreach (self::table($zip, 'users') as $line => $row) {
            $id = $row['sourcedid'] ?? '';
            $is = $roles[$id] ?? [strtolower($row['role'] ?? '') => true];
            $student = isset($is['student']);
            if (
                strtolower($row['status'] ?? '') === 'tobedeleted' ||
                strtolower($row['enableduser'] ?? 'true') === 'false'
            ) {
                $student && ($roll->gone[$id] = true);

                continue;
            }
            $given = ($row['preferredgivenname'] ?? '') !== '' ? $row['preferredgivenname'] : $row['givenname'] ?? '';
            $family =
                ($row['preferredfamilyname'] ?? '') !== '' ? $row['preferredfamilyname'] : $row['familyname'] ?? '';
            $name = trim("$given $family");
            if ($id === '') {
                $roll->wrong('no_id', ['line' => $line, 'name' => $name]);
            } elseif ($student) {
                $key = $roll->student($id, $name, $line, family: $family);
                $key === null || ($students[$id] = $key);
            } elseif (array_intersect_key($is, array_flip(self::GUARDIANS)) !== []) {
                $phone = ($row['sms'] ?? '') !== '' ? $row['sms'] : $row['phone'] ?? '';
                $key = $roll->guardian(new GuardianLine($line, $name, $row['email'] ?? '', $phone, number: $id));
                $key === null || ($guardians[$id] = $key);
            } elseif (($address = MailAddress::of($row['email'] ?? '')) !== null) {
                $teachers[$id] = $address;
            }
            foreach (array_filter(array_map(trim(...), explode(',', $row['agentsourcedids'] ?? ''))) as $agent) {
                $agents[] = [$id, $agent];
            }
        }
        // Either side may name the other.
        foreach ($agents as [$one, $other]) {
            foreach ([[$one, $other], [$other, $one]] as [$student, $guardian]) {
                if (isset($students[$student], $guardians[$guardian])) {
                    $roll->looksAfter($guardians[$guardian], $students[$student]);
                }
            }
        }

        return [$teachers, $students];
    }

    /**
     * @param  array<string, string>  $teachers
     * @param  array<string, string>  $students
     */
    private static function classes(\ZipArchive $zip, Roll $roll, array $teachers, array $students): void
    {
        $names = [];
        foreach (self::table($zip, 'classes') as $row) {
            if (strtolower($row['status'] ?? '') !== 'tobedeleted') {
                $names[$row['sourcedid'] ?? ''] = $row['title'] ?? '';
            }
        }
        $unknown = 0;
        foreach (self::table($zip, 'enrollments') as $row) {
            $class = $row['classsourcedid'] ?? '';
            $user = $row['usersourcedid'] ?? '';
            if (strtolower($row['status'] ?? '') === 'tobedeleted') {
                continue;
            }
            if (!isset($names[$class])) {
                $unknown++;
            } elseif (isset($students[$user])) {
                $roll->inClass($students[$user], $class, $names[$class]);
            } elseif (isset($teachers[$user])) {
                $roll->classes[$roll->schoolClass($class, $names[$class])]['teachers'][$teachers[$user]] = true;
            }
        }
        if ($unknown > 0) {
            $roll->wrong('class_unknown', ['count' => $unknown]);
        }
    }

    /** @return iterable<int, array<string, string>> by line, its cells by the names of their columns in small letters */
    private static function table(\ZipArchive $zip, string $name): iterable
    {
        // No more than it says that it has, whatever it says.
        $bytes = $zip->getFromName("$name.csv", self::MOST_BYTES);
        if ($bytes === false) {
            throw RollNotReadable::because($name === 'manifest' ? 'no_bundle' : 'table_missing', [
                'table' => "$name.csv",
            ]);
        }
        $file = CsvFile::read($bytes);
        foreach ($file->rows as $line => $row) {
            yield $line => array_combine(
                $file->columns,
                array_pad(array_slice($row, 0, count($file->columns)), count($file->columns), ''),
            );
        }
    }
}
