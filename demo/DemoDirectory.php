<?php

declare(strict_types=1);

namespace Demo;

use App\Directory\BringIn;
use App\Directory\GuardianLine;
use App\Directory\Roll;
use App\Directory\RollPlan;
use App\Directory\Student;
use App\Models\School;

/** The sixty families of the demo as its office has them: five classes, every sixth with three children, and every fourth student with two guardians apart. */
final class DemoDirectory
{
    private const CLASSES = ['7A', '7B', '8A', '8B', '9'];

    /** Of every sixth family, in two other classes. */
    private const SIBLINGS = ['Pia', 'Rafi'];

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
            $guardian = (string) $roll->guardian(new GuardianLine($number + 2, $parent, $email, $phone, 'en'));
            $roll->looksAfter($guardian, $key);
            foreach ($number % 6 === 5 ? self::SIBLINGS : [] as $i => $name) {
                $sibling = (string) $roll->student(
                    sprintf('GC-%d%02d', $i + 2, $number + 1),
                    $name . ' ' . substr((string) strstr($student, ' '), 1),
                    $number + 2,
                );
                $roll->inClass($sibling, null, self::CLASSES[(intdiv($number, 12) + 1 + $i) % 5]);
                $roll->looksAfter($guardian, $sibling);
            }
            if ($number % 4 === 3) {
                $roll->looksAfter(
                    (string) $roll->guardian(
                        new GuardianLine($number + 2, DemoPeople::second($number), "second-$email", '', 'fr'),
                    ),
                    $key,
                );
            }
        }
        $bringIn(RollPlan::of($roll, $school), $now);
    }
}
