<?php

declare(strict_types=1);

return [
    'slot' => '{date}، {from} – {until} ({zone})',
    'zone' => 'توقيت {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}، {next}',
    'and' => '{others} و{last}',
    'or' => '{others} أو {last}',
    'days' => '{count, plural, zero {# يوم} one {يوم واحد} two {يومان} few {# أيام} many {# يومًا} other {# يوم}}',
    'hours' =>
        '{count, plural, zero {# ساعة} one {ساعة واحدة} two {ساعتان} few {# ساعات} many {# ساعة} other {# ساعة}}',
    'minutes' =>
        '{count, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتان} few {# دقائق} many {# دقيقة} other {# دقيقة}}',
    'fact_what' => 'ماذا',
    'fact_when' => 'متى',
    'fact_where' => 'أين',
    'fact_video' => 'رابط الفيديو',
    'fact_way' => 'كيفية الوصول',
    'fact_with' => 'مع',
    'fact_also' => 'يحضر أيضًا',
    'fact_about' => 'بخصوص',
    'fact_phone' => 'الهاتف',
    'fact_email' => 'البريد الإلكتروني',
    'signed_out' =>
        'لم تعودوا داخلين: لم يُضغط شيء هنا نصف ساعة، أو خرجتم في مكان آخر. ما هنا كما كان عند {at}. <link>ادخلوا في علامة تبويب أخرى</link>؛ وتتابع هذه الصفحة حينها.',
    'not_heard' =>
        'لم يصل شيء من المدرسة منذ {at}. ما يظهر هنا هو ما كان عندئذ؛ تواصل الصفحة المحاولة وتتحدّث من تلقاء نفسها.',
    'pattern_date' => 'EEEE d MMMM y',
    'pattern_plain' => 'd MMMM y',
    'pattern_short' => 'EEE d MMM',
    'pattern_day' => 'EEEE d MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} ص',
    'pm' => '{time} م',
    'moment' => '{date}، {time}',
    'between' => '{from} – {until}',
    'shortly' => '{date}، {from} – {until}',
];
