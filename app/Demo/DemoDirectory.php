<?php

declare(strict_types=1);

namespace App\Demo;

use App\Directory\BringIn;
use App\Directory\Roll;
use App\Directory\RollPlan;
use App\Directory\Student;
use App\Models\School;

/** The sixty families of the demo as its office has them: five classes, and every fourth student with two guardians apart. */
final class DemoDirectory
{
    private const CLASSES = ['7A', '7B', '8A', '8B', '9'];

    public static function fill(School $school, BringIn $bringIn, int $now): void
    {
        if (Student::query()->exists()) {
            return;
        }
        $roll = new Roll($school->country, whole: false);
        foreach (DemoPeople::families() as $number => [$parent, $student, $email, $phone]) {
            $key = (string) $roll->student(sprintf('GC-%03d', $number + 1), $student, $number + 2);
            $class = $roll->inClass($key, null, self::CLASSES[intdiv($number, 12)]);
            // Who teaches them: two of each class.
            foreach ([0, 3] as $teacher) {
                $roll->classes[$class]['teachers'][DemoPeople::STAFF[(intdiv($number, 12) + $teacher) % 7][2]] = true;
            }
            $roll->looksAfter((string) $roll->guardian(null, $parent, $email, $phone, 'en', $number + 2), $key);
            if ($number % 4 === 3) {
                $roll->looksAfter((string) $roll->guardian(null, DemoPeople::second($number), "second-$email", '', 'fr', $number + 2), $key);
            }
        }
        $bringIn(RollPlan::of($roll, $school), $now);
    }
}
