<?php

declare(strict_types=1);

// Who is on a sheet besides its writer, in ICU MessageFormat; by what they do there.
return [
    'must' => '{names} {count, plural, one {has} other {have}} to be there.',
    'any' => '{names} may be the one instead.',
    'manage' => '{names} {count, plural, one {looks} other {look}} after it.',
];
