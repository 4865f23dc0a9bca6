<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} مع {host}',
    'letter_news' => 'لدى {host} مواعيد لكم بخصوص {students}.',
    'letter_link' => 'اختيار موعد',
    'expected_heading' => 'موعد لـ {student}: {title} مع {host}',
    'expected_dear' => 'إلى من يحجز لـ {student}،',
    'expected_invites' => 'يودّ {host} اللقاء بخصوص {student}. اختاروا موعدًا: الرابط أدناه يعرف الاسم.',
    'expected_text_invites' => 'يودّ {host} اللقاء بخصوص {student}. اختاروا موعدًا: {link}',
    'expected_news' => 'ينتظر {host} {student} ولا موعد بعد. الرابط أدناه يعرف الاسم؛ والباقي ضغطة واحدة.',
    'expected_text' => 'ينتظر {host} {student} ولا موعد بعد. اختاروا موعدًا: {link}',
    'expected_card' => 'صوّروا المربع واختاروا موعدًا؛ فهو يعرف الاسم.',
];
