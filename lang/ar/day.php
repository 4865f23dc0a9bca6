<?php

declare(strict_types=1);

return [
    'here_early' => 'الوقت مبكر: ابتداءً من {time} في {date} يمكنكم أن تقولوا إنكم هنا. لم يضع شيء؛ عودوا عندئذ.',
    'here_off' => 'أُلغي هذا اللقاء.',
    'here_over' => 'انتهى هذا اللقاء.',
    'no_word' => 'لم يعد هناك ما يُجاب عليه.',
    'offer_answered' => 'أُجيب على هذا العرض من قبل، أو انتهى وقته. لم يتغيّر شيء.',
    'offer_gone' => 'لم يعد هذا الموعد معروضًا. مواعيدكم الأخرى كما كانت.',
    'offer_open' => 'عُرض {time}، وهو محفوظ حتى {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {عاد {host} إلى الوقت المقرر} one {لدى {host} تأخير نحو دقيقة واحدة} two {لدى {host} ' .
        'تأخير نحو دقيقتين} few {لدى {host} تأخير نحو # دقائق} many {لدى {host} تأخير نحو # دقيقة} other {لدى ' .
        '{host} تأخير نحو # دقيقة}}',
    'late_news' =>
        '{minutes, plural, =0 {عاد {host} إلى الوقت المقرر. يبدأ لقاؤكم في {time} كما كان مقررًا.} one {لدى {host} ' .
        'اليوم تأخير نحو دقيقة واحدة. يبدأ لقاؤكم نحو {time}. موعدكم يبقى لكم.} two {لدى {host} اليوم تأخير نحو ' .
        'دقيقتين. يبدأ لقاؤكم نحو {time}. موعدكم يبقى لكم.} few {لدى {host} اليوم تأخير نحو # دقائق. يبدأ لقاؤكم ' .
        'نحو {time}. موعدكم يبقى لكم.} many {لدى {host} اليوم تأخير نحو # دقيقة. يبدأ لقاؤكم نحو {time}. موعدكم ' .
        'يبقى لكم.} other {لدى {host} اليوم تأخير نحو # دقيقة. يبدأ لقاؤكم نحو {time}. موعدكم يبقى لكم.}}',
    'late_link' => 'مواعيدكم: كم بقي من الوقت الآن',
    'late_text' =>
        '{minutes, plural, =0 {{school}: عاد {host} إلى الوقت المقرر. يبدأ لقاؤكم في {time}.} one {{school}: لدى ' .
        '{host} تأخير نحو دقيقة واحدة. يبدأ لقاؤكم نحو {time}.} two {{school}: لدى {host} تأخير نحو دقيقتين. يبدأ ' .
        'لقاؤكم نحو {time}.} few {{school}: لدى {host} تأخير نحو # دقائق. يبدأ لقاؤكم نحو {time}.} many {{school}: ' .
        'لدى {host} تأخير نحو # دقيقة. يبدأ لقاؤكم نحو {time}.} other {{school}: لدى {host} تأخير نحو # دقيقة. ' .
        'يبدأ لقاؤكم نحو {time}.}}',
    'offer_heading' => 'يعرض عليكم {host} موعدًا آخر',
    'offer_news' => 'يعرض عليكم {host} {time}. وهو محفوظ لكم حتى {until}. افتحوا مواعيدكم لأخذه.',
    'offer_instead' => 'بعد هذا اللقاء',
    'offer_link' => 'أخذ هذا الموعد، أو الرفض',
    'offer_text' => 'يعرض عليكم {host} {time}. افتحوا مواعيدكم لأخذه: {link}',
    'kiosk_title' => 'الوصول: {school}',
    'kiosk_no_code' => 'لا شيء اليوم بهذا الرمز. تأكدوا من أنه كامل، أو ابحثوا بالاسم والوقت.',
    'kiosk_no_name' =>
        'لا أحد بهذا الاسم لديه لقاء في ذلك الوقت، أو لم يقترب بعد. اكتبوا الاسم كاملًا كما حُجز، اسمكم أو اسم ' .
        'الطالب؛ أو اسألوا في المكتب.',
    'kiosk_time' => 'اكتبوا وقت اللقاء، مثل {time}.',
    'after_link' => 'مواعيدكم',
    'plain_ahead' => 'ابتداءً من {time} يمكنكم أن تقولوا هنا إنكم وصلتم.',
    'plain_here' => 'أنا هنا',
    'plain_waits' =>
        '{host} على علم بوجودكم. {wait, plural, =0 {} one {يحين دوركم خلال دقيقة واحدة.} two {يحين دوركم خلال ' .
        'دقيقتين.} few {يحين دوركم خلال # دقائق.} many {يحين دوركم خلال # دقيقة.} other {يحين دوركم خلال # ' .
        'دقيقة.}} أعيدوا تحميل الصفحة لمعرفة الوضع الآن.',
    'plain_called' => 'تفضّلوا بالدخول الآن.',
    'plain_late' =>
        'لدى {host} تأخير نحو {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many ' .
        '{# دقيقة} other {# دقيقة}}.',
    'plain_word' => '{host}: «{word}»',
    'ahead_minutes' =>
        'بعد {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many {# دقيقة} other ' .
        '{# دقيقة}}',
    'ahead_today' => 'اليوم في {time}',
    'ahead_tomorrow' => 'غدًا في {time}',
    'ahead_date' => 'في {date}',
    'wait_now' => 'يحين دوركم في أي لحظة.',
    'wait_about' =>
        'يحين دوركم بعد نحو {high, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many {# ' .
        'دقيقة} other {# دقيقة}}.',
    'wait_within' =>
        'يحين دوركم خلال {high, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many {# ' .
        'دقيقة} other {# دقيقة}}.',
    'wait_between' =>
        'يحين دوركم بعد {low, number, integer} إلى {high, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} ' .
        'few {# دقائق} many {# دقيقة} other {# دقيقة}}.',
    'see_the_way' => 'عرض الطريق إلى {place}',
    'the_way' => 'الطريق إلى {place}',
    'kiosk_head' => '{school}، {day}',
    'kiosk_no_camera' => 'لا يمكن استعمال كاميرا هذا الجهاز. أدخلوا الرمز، أو اسمكم والوقت.',
    'kiosk_yours' => 'مواعيدكم اليوم',
    'kiosk_with' => '<time>{at}</time> مع {host}',
    'kiosk_known' => '{host} على علم بوجودكم.',
    'kiosk_go_in' => 'تفضّلوا بالدخول الآن.',
    'kiosk_missed' => 'جرى انتظاركم ({host}) ثم المتابعة مع غيركم. قولوا إنكم هنا، وسنجد لكم لحظة إن أمكن.',
    'kiosk_here' => 'أنا هنا',
    'kiosk_ahead' => 'ابتداءً من {at} يمكنكم أن تقولوا هنا إنكم وصلتم.',
    'kiosk_over' => 'انتهى هذا اللقاء.',
    'kiosk_late' =>
        'لدى {host} تأخير نحو {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many ' .
        '{# دقيقة} other {# دقيقة}}.',
    'kiosk_done' => 'تم',
    'kiosk_forgets' => 'تنساكم هذه الصفحة بعد لحظة.',
    'kiosk_question' => 'هل جئتم للقاء؟',
    'kiosk_code' => 'الرمز من مواعيدكم أو من بطاقتكم',
    'kiosk_find' => 'بحث',
    'kiosk_camera_sees' => 'ما تراه الكاميرا',
    'kiosk_hold' => 'ضعوا رمز QR من مواعيدكم أو بطاقتكم أمام الكاميرا.',
    'kiosk_no_picture' => 'بدون الكاميرا',
    'kiosk_show' => 'إظهار المربع للكاميرا',
    'kiosk_name' => 'أو الاسم كاملًا، اسمكم أو اسم الطالب',
    'kiosk_and_time' => 'ووقت اللقاء، عندما يقترب',
    'kiosk_like' => 'مثل {time}',
    'kiosk_who_is_where' => 'من وأين',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' =>
        'تأخير نحو {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتين} few {# دقائق} many {# دقيقة} ' .
        'other {# دقيقة}}',
    'kiosk_nobody' => 'لا لقاءات لأحد بعد الآن اليوم.',
];
