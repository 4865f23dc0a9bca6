<?php

declare(strict_types=1);

return [
    'none_here' => 'لا يمكن حجز شيء هنا حاليًا. <link>انظروا من يمكنكم لقاؤه أيضًا</link>.',
    'ask_for_time' => 'طلب موعد من {host}',
    'heading' => 'لقاء العاملين لدينا',
    'card' => 'إدخال الرمز من بطاقتكم',
    'again' => 'أين مواعيدي؟',
    'none_now' => 'لا يمكن حجز شيء حاليًا.',
    'intro' => 'اختاروا من تودّون لقاءه ثم موعدًا. لا حاجة إلى حساب.',
    'under_way' => 'قائم الآن',
    'seek' => 'اسم أو مادة أو غرفة',
    'about' => 'أو أي شخص متاح من أجل',
    'show_times' => 'عرض المواعيد المتاحة',
    'found' =>
        '{many, plural, zero {لم يوجد أحد} one {وُجد شخص واحد} two {وُجد شخصان} few {وُجد # أشخاص} many {وُجد # ' .
        'شخصًا} other {وُجد # شخص}}',
    'some_shown' => 'يُعرض {shown, number, integer} من {many, number, integer}.',
    'show_more' => 'عرض المزيد',
    'or_type' => 'أو اكتبوا اسمًا أعلاه.',
    'nobody' => 'لا أحد بهذا الاسم لديه مواعيد مفتوحة. جرّبوا مادة أو جزءًا من الكلمة.',
    'again_sent' => 'إن كان هناك حجز بهذا العنوان فرسالة بمواعيدكم في الطريق إليه.',
    'again_email' => 'عنوان البريد الذي حجزتم به',
    'again_send' => 'إرسالها من جديد',
    'staff' => 'للعاملين: تسجيل الدخول',
    'find_heading' => 'من المتاح ومتى',
    'find_about' => 'الموضوع',
    'find_from' => 'من',
    'find_to' => 'إلى',
    'find_names' => 'هذه الأسماء أو المواد فقط',
    'find_booked' => '{at} مع {host} لكم. اختاروا الموعد التالي، أو انظروا <link>كل ما حجزتموه</link>.',
    'find_no_clash' => 'لا تُعرض المواعيد التي تتعارض مع مواعيدكم.',
    'find_small_times' => 'الأوقات الصغيرة بتوقيتكم أنتم، {city}.',
    'find_time' => '{host}، {from} – {until}',
    'find_all_of' =>
        '{count, plural, zero {لا مواعيد لـ {host}} one {الموعد الوحيد لـ {host}} two {موعدا {host}} few {كل ' .
        'مواعيد {host} (#)} many {كل مواعيد {host} (#)} other {كل مواعيد {host} (#)}}',
    'find_all' => 'الكل ({count, number, integer})',
    'find_nobody' => 'لا أحد يقدّم هذا في هذه الأيام. انظروا أيامًا أخرى، أو <link>الجميع</link>.',
    'find_these' =>
        'المعلّمون {first, number, integer} إلى {last, number, integer} من {all, number, integer}، حسب الاسم.',
    'find_before' => 'السابقون',
    'find_after' => 'التالون',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>، {when}: {wishes}} free {<bold>{title}</bold>، {when}: ' .
        '{hosts, plural, zero {لا معلّمين} one {معلّم واحد} two {معلّمان} few {# معلّمين} many {# معلّمًا} other ' .
        '{# معلّم}}، مع مواعيد متاحة} other {<bold>{title}</bold>، {when}: {hosts, plural, zero {لا معلّمين} one ' .
        '{معلّم واحد} two {معلّمان} few {# معلّمين} many {# معلّمًا} other {# معلّم}}}}',
    'round_wishes' => 'رغباتكم',
    'round_plan' => 'تخطيط كل لقاءاتكم',
    'round_beside' => 'عرضهم جنبًا إلى جنب',
    'find_none_that_day' => '{subject}: لا شيء متاح في هذا اليوم',
    'find_ruler' => '{host}، {subject}',
    'next_elsewhere' => '{next} ({there} بتوقيتكم)',
    'ask_all_the_same' => 'يمكنكم طلب موعد رغم ذلك:',
    'ask_none_suits' => 'لا موعد مناسب؟',
];
