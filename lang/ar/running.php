<?php

declare(strict_types=1);

return [
    'queue_well' => 'الرسائل تخرج.',
    'queue_wrong' =>
        '{waiting, plural, other {رسائل أو أعمال أخرى تنتظر: {waiting, number, integer}}}، أقدمها منذ دقائق عددها {minutes, plural, other {{minutes, number, integer}}}. هل يعمل الطابور؟ يقول ذلك bin/recess school status.',
    'scheduler_well' => 'المجدول يعمل.',
    'scheduler_wrong' =>
        '{known, select, no {لم يعمل المجدول بعد} other {المجدول صامت منذ دقائق عددها {minutes, plural, other {{minutes, number, integer}}}}}: لا تُرسل تذكيرات في هذه الأثناء. يقول bin/recess school status هل يعمل.',
    'letters_well' => 'لم تُترك أي رسالة في اليوم الأخير.',
    'letters_wrong' =>
        '{failed, plural, other {رسائل أو أعمال أخرى من اليوم الأخير لم يمكن إنجازها: {failed, number, integer}}}. لماذا: bin/recess school artisan queue:failed؛ ثانية: bin/recess school artisan queue:retry all.',
    'clock_well' => 'لم يُكتب شيء بعد الآن.',
    'clock_wrong' =>
        'كُتب شيء بعد الآن بدقائق عددها {minutes, plural, other {{minutes, number, integer}}}: أُخّرت ساعة الجهاز، أو كانت خاطئة. اضبطوها: المواعيد المحجوزة في هذه الأثناء صحيحة، لكن «فات الوقت» والتذكيرات تتبع الساعة.',
    'workers_well' => 'العمال موجودون.',
    'worker_silent' =>
        '{queue, select, rounds {العامل الذي يجد مواعيد الجولات} other {العامل الذي يرسل الرسائل}} لم يُسمع منه منذ دقائق عددها {minutes, plural, other {{minutes, number, integer}}}. يشغّل bin/recess up ما لا يعمل.',
    'held' =>
        '{held, plural, =0 {لا رسالة محجوزة من نسخة مستعادة.} other {رسائل أو أعمال أخرى محجوزة من نسخة مستعادة: {held, number, integer}}}{held, plural, =0 {} other {؛ ربما خرجت قبل الاستعادة. أرسلوها بـ bin/recess school artisan recess:held send، أو اتركوها بـ … recess:held drop.}}',
    'held_sent' => '{held, plural, other {رسائل أو أعمال أخرى تخرج الآن: {held, number, integer}}}.',
    'held_dropped' => '{held, plural, other {رسائل أو أعمال أخرى تُركت: {held, number, integer}}}.',
    'held_how' => 'هناك recess:held وrecess:held send وrecess:held drop. لم يُنفذ شيء.',
    'unsent_well' => 'لا رسالة تُجرب بلا جدوى منذ مدة.',
    'letters_waiting' =>
        '{count, plural, other {رسائل جُربت ولا تخرج: {count, number, integer}}}. يقول خادم البريد «{why}».',
    'letters_given_up' =>
        '{count, plural, other {رسائل تُركت خلال يوم: {count, number, integer}}}. قال خادم البريد «{why}».',
    'mail_well' => 'يقبل خادم البريد رسائلنا ({server}).',
    'mail_wrong' =>
        'لا يقبل خادم البريد ({server}) رسائلنا: «{why}». تنتظر الرسائل وتُجرب ثلاثة أيام. للإصلاح: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'جداول هذه المدرسة من إصدار Recess غير إصدار برنامجها، فلا يُعرض شيء ولا يُكتب شيء؛ ولم يضع شيء. لمن يعتني بالخادم: bin/recess doctor، ثم bin/recess up.',
    'census' =>
        '{staff, plural, other {العاملون: {staff, number, integer}}}، {sheets, plural, other {الأوراق: {sheets, number, integer}}}، {bookings, plural, other {الحجوزات: {bookings, number, integer}}}، {students, plural, other {الطلاب: {students, number, integer}}}.',
    'first_key_over' => '{school} موجودة هنا من قبل. مكتبها يدعو الآخرين، في صفحة «العاملون».',
    'too_much' => 'هذا أكثر مما ترسله أي من صفحاتنا، فلم يُنظر فيه. لم يتغير شيء.',
    'calendar_too_much' =>
        'قراءة هذا التقويم تحتاج وقتًا أو ذاكرة أكثر مما يُسمح لتقويم. ابحثوا فيه عن قيود تتكرر كل دقيقة أو ثانية.',
    'file_quote_open' =>
        'علامة اقتباس (") فُتحت في السطر {line, number} من هذا الملف ولم تُغلق، فيكون ما بعدها كلمة واحدة طويلة. لم يتغير شيء. أغلقوها أو أزيلوها، وسلموا الملف ثانية.',
    'file_too_large' =>
        'في هذا الملف أكثر من {lines, number} سطر، أو سطر طويل جدًا، فلم يُقرأ. لم يتغير شيء. سلموه أجزاء.',
    'a_lot_at_once' => 'كان ذلك كثيرًا دفعة واحدة. انتظروا دقيقة واضغطوا ثانية؛ لم يضع شيء.',
    'settings_title' => 'الإعدادات',
    'school_title' => 'المدرسة',
    'text_refused' => 'أجابت خدمة الرسائل النصية {status}.',
    'text_unanswered' => 'لم تجب خدمة الرسائل النصية.',
    'no_texts' => 'لا تُرسل رسائل نصية من هنا.',
];
