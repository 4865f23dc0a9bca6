<?php

declare(strict_types=1);

return [
    'nobody' => 'لا أحد يأتي في هذا اليوم.',
    'outside' => 'انتظروا في الخارج من فضلكم حتى تُدعوا: قد يكون أحدهم في حديث خاص.',
    'phone' => 'اختاروا موعدًا بهاتفكم',
    'here' => 'هنا',
    'not' => 'لا',
    'here_at' => 'هنا عند ______',
    'missed' => 'لم يأت',
    'phone_or_at' => 'اختاروا موعدًا بهاتفكم، أو على',
    'our_time' => 'موعدنا: ______________________',
    'entrance' => 'من يذهب إلى أين: {day}',
    'with' => 'مع {host}، {subject}',
    'interprets' => 'يترجم {name}',
    'note' => 'ملاحظتكم: {note}',
    'arrived' => 'هنا عند {time}',
    'slip_with' => '{title} مع {host} ({subject})',
    'slip_about' => 'بخصوص: {student}',
    'slip_where' => 'أين: {place}',
    'slip_for' => 'لـ{name}. حجزه مكتب المدرسة.',
    'more_days' => 'وأيام أخرى',
];
