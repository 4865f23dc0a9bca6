<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * The core may use PHP itself, and sabre/vobject inside Calendars/ only. Checked by PHPStan (bin/recess test lint);
 * functions, which this cannot see, are looked for in CoreAsksNobodyTest.
 */
final class CoreStandsAlone
{
    #[TestRule]
    public function coreUsesNothingButPhp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Recess'))
            ->excluding(Selector::inNamespace('Recess\Calendars'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Recess'), Selector::isStandardClass())
            ->because('the core computes; frameworks, databases and clocks stay outside');
    }

    #[TestRule]
    public function calendarsMayAlsoUseVobject(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Recess\Calendars'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Recess'),
                Selector::inNamespace('Sabre\VObject'),
                Selector::isStandardClass(),
            )
            ->because('iCalendar is read and written through sabre/vobject, and only there');
    }
}
