<?php

declare(strict_types=1);

return [
    'must' => '{names}必须{count, plural, other {到场}}。',
    'any' => '{names}可以代替到场。',
    'manage' => '{names}{count, plural, other {照看}}它。',
    'told_must' => '{owner}把您列入“{title}”，您必须到场：每次预约也会占用您的时间。如果不行，请在其页面上说明。',
    'told_any' => '{owner}把您列入“{title}”，您可以代替到场：来访者可以预约您。如果不行，请在其页面上说明。',
    'asked_must' => '您必须参加这些面谈。',
    'asked_any' => '这些面谈可以由您进行。',
    'refused' =>
        '{name}不能参加“{title}”，已不在其上。{meetings, plural, =0 {} other {今后的 # 次面谈将没有此人参加。}}',
    'sheet' => '安排表',
    'owner_names' => '这张安排表上还有谁，由所有者{owner}或办公室决定。其他内容您都可以更改。',
];
