<?php

declare(strict_types=1);

return [
    'must' => '{names} {count, plural, one {muss} other {müssen}} dabei sein.',
    'any' => 'Kann an Ihrer Stelle sein: {names}.',
    'manage' => '{names} {count, plural, one {betreut} other {betreuen}} es.',
    'told_must' =>
        '{owner} hat Sie auf „{title}“ gesetzt; Sie müssen dabei sein: Jede Buchung nimmt auch Ihre Zeit. Wenn Sie nicht können, sagen Sie es auf der Seite.',
    'told_any' =>
        '{owner} hat Sie auf „{title}“ gesetzt; Sie können stattdessen da sein: Man kann es bei Ihnen buchen. Wenn Sie nicht können, sagen Sie es auf der Seite.',
    'asked_must' => 'Bei diesen Gesprächen müssen Sie dabei sein.',
    'asked_any' => 'Diese Gespräche können bei Ihnen sein.',
    'refused' =>
        '{name} kann auf „{title}“ nicht dabei sein und steht nicht mehr darauf.{meetings, plural, =0 {} one { Ein künftiges Gespräch findet ohne diese Person statt.} other { # künftige Gespräche finden ohne diese Person statt.}}',
    'sheet' => 'Das Blatt',
    'owner_names' =>
        'Wer sonst auf diesem Blatt steht, sagt {owner}, dem es gehört, oder das Sekretariat. Alles andere darauf können Sie ändern.',
];
