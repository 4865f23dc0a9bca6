<?php

declare(strict_types=1);

namespace Tests\App\Support;

/**
 * Makes a bundle of tables as OneRoster 1.2 describes it (1EdTech, CSV binding; the columns are from memory), of a school
 * as large as wanted. The same numbers make the same bundle.
 */
final class Bundle
{
    private const USERS = [
        'sourcedId',
        'status',
        'dateLastModified',
        'enabledUser',
        'username',
        'userIds',
        'givenName',
        'familyName',
        'middleName',
        'identifier',
        'email',
        'sms',
        'phone',
        'agentSourcedIds',
        'grades',
        'password',
        'preferredGivenName',
        'preferredFamilyName',
    ];

    /** @return string the path of a zip file that is thrown away with the process */
    public static function write(int $staff, int $students, int $guardians, string $without = ''): string
    {
        $users = $roles = $classes = $enrollments = [];
        $user = static fn(string $id, string $given, string $family, string $email, string $agents = ''): array => [
            $id,
            'active',
            '2026-09-01',
            'true',
            $id,
            '',
            $given,
            $family,
            '',
            '',
            $email,
            '',
            '',
            $agents,
            '',
            '',
            '',
            '',
        ];
        for ($i = 0; $i < $staff; $i++) {
            $users[] = $user("t$i", "Teacher$i", 'Wren', "teacher$i@school.example");
            $roles[] = ["r-t$i", 'active', '2026-09-01', "t$i", 'primary', 'teacher', '', '', 'org-1', ''];
        }
        $rooms = max(1, intdiv($students, 25));
        for ($i = 0; $i < $rooms; $i++) {
            $classes[] = [
                "c$i",
                'active',
                '2026-09-01',
                'Class ' . (7 + ($i % 6)) . chr(65 + intdiv($i, 6)),
                '',
                '',
                '',
                'homeroom',
                '',
                'org-1',
                '',
                '',
                '',
                '',
            ];
            $enrollments[] = [
                "e-t$i",
                'active',
                '2026-09-01',
                "c$i",
                'org-1',
                't' . $i % max(1, $staff),
                'teacher',
                'true',
                '',
                '',
            ];
        }
        for ($i = 0; $i < $guardians; $i++) {
            $users[] = $user("g$i", "Parent$i", 'Aster' . $i % 97, "parent$i@mail.example");
            $roles[] = [
                "r-g$i",
                'active',
                '2026-09-01',
                "g$i",
                'primary',
                $i % 2 === 0 ? 'guardian' : 'parent',
                '',
                '',
                'org-1',
                '',
            ];
        }
        for ($i = 0; $i < $students; $i++) {
            // Siblings share their guardians; most have two.
            $first = intdiv($i * $guardians, $students);
            $users[] = $user(
                "s$i",
                "Child$i",
                'Aster' . $i % 97,
                '',
                "g$first" . ($first + 1 < $guardians ? ',g' . ($first + 1) : ''),
            );
            $roles[] = ["r-s$i", 'active', '2026-09-01', "s$i", 'primary', 'student', '', '', 'org-1', ''];
            $enrollments[] = [
                "e-s$i",
                'active',
                '2026-09-01',
                'c' . $i % $rooms,
                'org-1',
                "s$i",
                'student',
                'false',
                '',
                '',
            ];
        }
        $manifest = [
            ['propertyName', 'value'],
            ['manifest.version', '1.0'],
            ['oneroster.version', '1.2'],
            ['file.orgs', 'bulk'],
            ['file.demographics', 'absent'],
            ['file.users', 'bulk'],
            ['file.roles', 'bulk'],
            ['file.classes', 'bulk'],
            ['file.enrollments', 'bulk'],
        ];
        $tables = [
            'manifest' => $manifest,
            'orgs' => [
                ['sourcedId', 'status', 'dateLastModified', 'name', 'type', 'identifier', 'parentSourcedId'],
                ['org-1', 'active', '2026-09-01', 'Bell School', 'school', '', ''],
            ],
            'users' => [self::USERS, ...$users],
            'roles' => [
                [
                    'sourcedId',
                    'status',
                    'dateLastModified',
                    'userSourcedId',
                    'roleType',
                    'role',
                    'beginDate',
                    'endDate',
                    'orgSourcedId',
                    'userProfileSourcedId',
                ],
                ...$roles,
            ],
            'classes' => [
                [
                    'sourcedId',
                    'status',
                    'dateLastModified',
                    'title',
                    'grades',
                    'courseSourcedId',
                    'classCode',
                    'classType',
                    'location',
                    'schoolSourcedId',
                    'termSourcedIds',
                    'subjects',
                    'subjectCodes',
                    'periods',
                ],
                ...$classes,
            ],
            'enrollments' => [
                [
                    'sourcedId',
                    'status',
                    'dateLastModified',
                    'classSourcedId',
                    'schoolSourcedId',
                    'userSourcedId',
                    'role',
                    'primary',
                    'beginDate',
                    'endDate',
                ],
                ...$enrollments,
            ],
        ];
        $path = (string) tempnam(sys_get_temp_dir(), 'bundle');
        register_shutdown_function(static fn() => @unlink($path));
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        foreach (array_diff_key($tables, [$without => true]) as $name => $rows) {
            $zip->addFromString(
                "$name.csv",
                implode("\r\n", array_map(static fn(array $row): string => '"' . implode('","', $row) . '"', $rows)) .
                    "\r\n",
            );
        }
        $zip->close();

        return $path;
    }
}
