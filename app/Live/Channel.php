<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\Pass;
use App\Models\School;
use App\Models\Secret;
use App\Models\Sheet;

/**
 * The names of the channels on which pages hear that something changed: 43 characters that nobody guesses and that tell
 * nothing. Whoever is shown a page is told its channel, and no other.
 */
final class Channel
{
    public static function sheet(int|Sheet $sheet): string
    {
        return self::named('sheet', $sheet instanceof Sheet ? $sheet->id : $sheet);
    }

    public static function desk(int $staff): string
    {
        return self::named('desk', $staff);
    }

    /** Of a pass, as long as it has the address that it has: whoever had the one before hears nothing of what comes. */
    public static function pass(int|Pass $pass, int $generation = 1): string
    {
        [$id, $generation] = $pass instanceof Pass ? [$pass->id, $pass->generation] : [$pass, $generation];

        return Secret::of("live|pass|$id" . ($generation === 1 ? '' : "|$generation"));
    }

    /** All times of a school: for those who look at many hosts side by side. */
    public static function times(int|School $school): string
    {
        return self::named('times', $school instanceof School ? $school->id : $school);
    }

    /** Who runs late, and who is where: for the tablets at its entrance. */
    public static function entrance(int|School $school): string
    {
        return self::named('entrance', $school instanceof School ? $school->id : $school);
    }

    private static function named(string $what, int $id): string
    {
        return Secret::of("live|$what|$id");
    }
}
