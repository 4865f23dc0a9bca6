<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {محجوز} please_confirm {يرجى التأكيد} lapsed {انتهى} asked {مطلوب} accepted {تمت الموافقة} maybe {ربما} declined {مرفوض} moved {نُقل} moved_away {نُقل إلى غيره} cancelled {أُلغي} link_added {الرابط موجود} link_changed {رابط جديد} place_changed {مكان آخر} answers_changed {أجوبة معدّلة} reminder {تذكير} guest_brought {أُضيف ضيف} guest_left {لن يحضر الضيف} other {}}: {date} {time} مع {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {حجزتم هذا لـ{visitor}.} office {حجز مكتب المدرسة موعدًا لديكم لـ{visitor}.} visitor {حجز {visitor} موعدًا لديكم.} other {حجز {name} موعدًا لديكم لـ{visitor}.}}',
        'visitor' =>
            '{who, select, office {حجز لكم مكتب المدرسة هذا الموعد.} host {حجز لكم {name} هذا الموعد.} colleague {حجز لكم {name} هذا الموعد.} other {هذا الموعد لكم.}}',
        'guest' => 'أضافكم {visitor} إلى هذا اللقاء.',
    ],
    'please_confirm' => [
        'visitor' =>
            'هذا الموعد محفوظ لكم حتى {until}. اضغطوا الزر فيصبح محجوزًا. إن لم تطلبوا موعدًا فلا تفعلوا شيئًا: يصبح متاحًا من جديد.',
    ],
    'lapsed' => [
        'visitor' => 'كان هذا الموعد محفوظًا لكم. وهو متاح من جديد.',
    ],
    'moved_away' => [
        'host' => 'هذا اللقاء مع {host} الآن، في موعد آخر. موعدكم حر ثانية.',
    ],
    'asked' => [
        'host' => 'يطلب {visitor} موعدًا لديكم. محفوظ حتى {until}.',
        'visitor' => 'لقد طلبتم هذا الموعد. يُحفظ لكم إلى أن يجيب {host}، وعلى الأكثر حتى {until}.',
        'guest' => 'طلب {visitor} هذا الموعد. يُحفظ إلى أن يجيب {host}، وعلى الأكثر حتى {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {قلتم نعم لـ{visitor}.} visitor {أخذ {visitor} الموعد الذي سميتموه.} other {قال {name} نعم لـ{visitor}.}}',
        'visitor' => '{who, select, you {هذا الموعد لكم.} other {وافق {name}. هذا الموعد لكم.}}',
        'guest' => '{who, select, visitor {أخذ {visitor} هذا الموعد.} other {وافق {name}.}} اللقاء قائم.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {قلتم «غير مؤكد بعد» لـ{visitor}.} other {قال {name} «غير مؤكد بعد» لـ{visitor}.}}',
        'visitor' => '{name} غير متأكد بعد. الموعد محفوظ لكم حتى {until}.',
        'guest' => '{name} غير متأكد بعد. الموعد محفوظ حتى {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {قلتم لا لـ{visitor}.} other {قال {name} لا لـ{visitor}.}}',
        'visitor' => 'لا يمكن اللقاء مع {host} في هذا الوقت. قد تكون أوقات أخرى متاحة.',
        'guest' => 'لا يمكن اللقاء مع {host} في هذا الوقت. اللقاء لن يُعقد.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {نقلتم هذا اللقاء.} office {نقل مكتب المدرسة هذا اللقاء.} other {نقل {name} هذا اللقاء.}} هذا هو الموعد الجديد.',
        'visitor' =>
            '{held, select, yes {الموعد الذي طلبتموه أصبح موعدًا آخر. يُحفظ لكم إلى أن يجيب {host}، وعلى الأكثر حتى {until}.} other {{who, select, you {نقلتم هذا اللقاء.} office {نقل مكتب المدرسة هذا اللقاء.} host {اضطر {name} إلى نقل هذا اللقاء.} colleague {اضطر {name} إلى نقل هذا اللقاء.} other {نقل {name} هذا اللقاء.}} هذا هو الموعد الجديد.}}',
        'guest' =>
            '{who, select, you {نقلتم هذا اللقاء.} office {نقل مكتب المدرسة هذا اللقاء.} host {اضطر {name} إلى نقل هذا اللقاء.} colleague {اضطر {name} إلى نقل هذا اللقاء.} other {نقل {name} هذا اللقاء.}} هذا هو الموعد الجديد.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {ألغيتم هذا اللقاء.} office {ألغى مكتب المدرسة هذا اللقاء.} other {ألغى {name} هذا اللقاء.}} الموعد حر ثانية.',
        'visitor' =>
            '{who, select, you {ألغيتم هذا اللقاء. الموعد متاح لغيركم الآن.} office {ألغى مكتب المدرسة هذا اللقاء.} host {اضطر {name} إلى إلغاء هذا اللقاء. نأسف لذلك.} colleague {اضطر {name} إلى إلغاء هذا اللقاء. نأسف لذلك.} other {ألغى {name} هذا اللقاء.}}',
        'guest' =>
            '{who, select, you {ألغيتم هذا اللقاء. الموعد متاح لغيركم الآن.} office {ألغى مكتب المدرسة هذا اللقاء.} host {اضطر {name} إلى إلغاء هذا اللقاء. نأسف لذلك.} colleague {اضطر {name} إلى إلغاء هذا اللقاء. نأسف لذلك.} other {ألغى {name} هذا اللقاء.}}',
    ],
    'link_added' => [
        'host' => 'رابط الفيديو موجود.',
        'visitor' => 'رابط الفيديو لهذا اللقاء موجود الآن.',
        'guest' => 'رابط الفيديو لهذا اللقاء موجود الآن.',
    ],
    'link_changed' => [
        'host' => 'رابط الفيديو لهذا اللقاء جديد. القديم لم يعد يعمل.',
        'visitor' => 'رابط الفيديو لهذا اللقاء جديد. القديم لم يعد يعمل.',
        'guest' => 'رابط الفيديو لهذا اللقاء جديد. القديم لم يعد يعمل.',
    ],
    'place_changed' => [
        'host' => 'هذا اللقاء في مكان آخر الآن.',
        'visitor' => 'هذا اللقاء الآن في مكان آخر.',
        'guest' => 'هذا اللقاء الآن في مكان آخر.',
    ],
    'answers_changed' => [
        'host' => 'غيّر {name} ما قاله لكم.',
    ],
    'reminder' => [
        'host' => 'هذا اللقاء {when}.',
        'visitor' => 'هذا اللقاء {when}.',
        'guest' => 'هذا اللقاء {when}.',
    ],
    'guest_brought' => [
        'host' => 'أضاف {name} {guest} إلى هذا اللقاء.',
        'visitor' =>
            '{who, select, you {أضفتم {guest} إلى هذا اللقاء.} other {أضاف {name} {guest} إلى هذا اللقاء.}} ويحصل هذا الشخص على صفحة خاصة به.',
        'about' => 'أضافكم {name} إلى هذا اللقاء.',
        'guest' => 'أضاف {name} {guest} إلى هذا اللقاء.',
    ],
    'guest_left' => [
        'host' => 'لم يعد {guest} يأتي إلى هذا اللقاء. اللقاء نفسه باق.',
        'visitor' =>
            '{who, select, you {أزلتم {guest} من هذا اللقاء.} other {لن يحضر {guest} هذا اللقاء.}} اللقاء نفسه باقٍ.',
        'about' => '{who, select, you {لن تحضروا هذا اللقاء.} other {أزالكم {name} من هذا اللقاء.}} اللقاء نفسه باقٍ.',
        'guest' => 'لن يحضر {guest} هذا اللقاء. اللقاء نفسه باقٍ.',
    ],
    'sitting' => [
        'heading' => 'مواعيد محجوزة ({count}): {school}',
        'news' => 'هذه المواعيد ({count, number}) لكم.',
        'press' =>
            '{may, select, change {نقل أو إلغاء {time}، {host}} cancel {إلغاء {time}، {host}} other {عرض {time}، {host}}}',
        'another' => 'حجز موعد آخر',
    ],
    'link' => [
        'answer' => 'الإجابة عن هذا الطلب',
        'everybody' => 'رؤية كل من حجز',
        'another' => 'اختيار موعد آخر',
        'confirm' => 'نعم، هذا عنواني: احجزوا',
        'change' => 'مواعيدكم: عرض أو نقل أو إلغاء',
        'cancel' => 'مواعيدكم: عرض أو إلغاء',
        'look' => 'مواعيدكم',
    ],
    'off' => [
        'declined' => 'لا يمكن اللقاء مع {host} في هذا الوقت.',
        'cancelled' =>
            '{who, select, you {ألغيتم هذا اللقاء. الموعد متاح لغيركم الآن.} office {ألغى مكتب المدرسة هذا اللقاء.} host {اضطر {name} إلى إلغاء هذا اللقاء.} colleague {اضطر {name} إلى إلغاء هذا اللقاء.} other {ألغى {name} هذا اللقاء.}}',
        'by' => '{who, select, office {من مكتب المدرسة} other {من {name}}}',
    ],
    'digest_heading' => 'لقاءاتكم: مواعيد فيها جديد: {times, plural, other {{times, number, integer}}}',
    'digest' => 'هذا هو الجديد منذ أمس.',
    'digest_link' => 'رؤية أوراقكم',
    'digest_line' =>
        '{state, select, booked {محجوز} asked {مطلوب، ينتظر إجابتكم} cancelled {ملغى} kept {غير مؤكد بعد} declined {مرفوض} other {}}: {who}{about, select, none {} other {، بخصوص {student}}}',
    'again_heading' => 'مواعيدكم',
    'again' => 'هذه مواعيدكم.',
    'again_other' => 'و{number}',
    'was' => 'لم يعد قائمًا',
    'that_day' => 'أيضًا في ذلك اليوم',
    'free_now' => 'متاح الآن',
];
