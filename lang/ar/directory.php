<?php

declare(strict_types=1);

return [
    'title' => 'الطلاب',
    'not_known' => 'صف أو طالب اختير هنا لم يعد في الدليل. اختاروا ثانية.',
    'number_taken' => 'لشخص آخر هذا الرقم.',
    'first_line' =>
        'يُقرأ السطر الأول عناوين: «{line}». إن كان طالبًا بالفعل فاكتبوا فوقه سطر عناوين واختاروا الملف ثانية. لا يُدخل شيء حتى تضغطوا.',
    'part_twice' => 'لا يمكن أن يكون عمودان الشيء نفسه. اختاروا غيره لأحدهما.',
    'changed_meanwhile' => 'تغير شيء منذ نظرتم في هذا الملف. لم يُدخل شيء؛ انظروا فيه ثانية.',
    'nothing_new' =>
        '{wrong, plural, =0 {كله في الدليل من قبل. لن يتغير شيء.} other {لن يتغير شيء: ما أمكن فهمه في الدليل من قبل.}}',
    'would' =>
        '{new, plural, =0 {لا طالب جديد} other {طلاب جدد: {new, number, integer}}}، {changed, plural, =0 {لا أحد تغير} other {تغيروا: {changed, number, integer}}}، {gone, plural, =0 {لا أحد غادر} other {غادروا: {gone, number, integer}}}؛ {guardians, plural, =0 {لا ولي أمر جديد} other {أولياء أمور جدد: {guardians, number, integer}}}، {guardians_changed, plural, =0 {لا أحد تغير} other {تغيروا: {guardians_changed, number, integer}}}؛ {classes, plural, =0 {لا صف جديد} other {صفوف جديدة: {classes, number, integer}}}.{open, plural, =0 {} other { سطور تنتظر إجابتكم: {open, number, integer}.}}',
    'brought_in' =>
        'أُدخل: {new, plural, =0 {لا طالب جديد} other {طلاب جدد: {new, number, integer}}}، {changed, plural, =0 {لا أحد تغير} other {تغيروا: {changed, number, integer}}}، {gone, plural, =0 {لا أحد وُضع جانبًا} other {وُضعوا جانبًا: {gone, number, integer}}}؛ {guardians, plural, =0 {لا ولي أمر جديد} other {أولياء أمور جدد: {guardians, number, integer}}}.',
    'no_name_column' => 'قولوا أي عمود فيه أسماء الطلاب.',
    'too_long' => 'أكثر من {most, number} سطر. أرسلوها في عدة ملفات.',
    'guessed' => 'حروفه ليست UTF-8 ولا UTF-16؛ قُرئت كما يكتبها Windows. انظروا إلى الأسماء ذات الحروف الخاصة.',
    'no_name' => 'السطر {line, number}: «{name}» ليس اسمًا. تُرك.',
    'number_twice' => 'السطر {line, number}: رقم {name} هو {number}، وهو رقم {other}. تُرك.',
    'ask_lines' =>
        'السطران {other, number} و{line, number} كلاهما {name}، بلا رقم يميزهما: {same, select, yes {كلاهما في {class}} other {{other_class, select, none {بلا صف} other {{other_class}}} و{class, select, none {بلا صف} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {بلا صف} other {{class}}}، {number, select, none {بلا رقم} other {رقم {number}}}) ربما هو {name} الموجود هنا ({known_class, select, none {بلا صف} other {{known_class}}}، {known_number, select, none {بلا رقم} other {رقم {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {بلا صف} other {{class}}}، {number, select, none {بلا رقم} other {رقم {number}}}): بهذا الاسم هنا {count, plural, other {{count, number, integer}}}، ولا شيء يقول أيهم هو. خذوه طالبًا آخر، أو اتركوه وأعطوا كلًا رقمًا.',
    'answer_first' => 'قد يكون بعض هؤلاء طالبًا واحدًا أو اثنين. قولوا ذلك أولًا؛ لم يُدخل شيء.',
    'brought_in_at' =>
        'آخر إدخال {at}: {new, plural, =0 {لا طالب جديد} other {طلاب جدد: {new, number, integer}}}، {changed, plural, =0 {لا أحد تغير} other {تغيروا: {changed, number, integer}}}، {gone, plural, =0 {لا أحد وُضع جانبًا} other {وُضعوا جانبًا: {gone, number, integer}}}. يمكن التراجع عنه خلال يوم.',
    'taken_back' =>
        'تم التراجع عن ذلك الملف: وُضع الجدد جانبًا، والآخرون كما كانوا.{stay, plural, =0 {} other { طلاب غُيروا باليد بعد ذلك فبقوا: {stay, number, integer}.}}',
    'nothing_to_take_back' => 'لم يعد يمكن التراجع عن شيء: مضى يوم، أو تراجع أحد من قبل. لم يتغير شيء.',
    'no_address' => 'السطر {line, number}: «{email}» ليس عنوان بريد. أُدخل {name} من دونه.',
    'no_phone' => 'السطر {line, number}: «{phone}» ليس رقم هاتف. أُدخل {name} من دونه.',
    'guardian_without_name' => 'السطر {line, number}: {email} بلا اسم، فتُرك.',
    'no_id' => 'السطر {line, number} من users.csv: ليس لـ{name} ‏sourcedId. تُرك.',
    'class_unknown' => '{count, plural, other {تسجيلات في صف ليس في classes.csv: {count, number, integer}.}}',
    'no_bundle' => 'ليس هذا جدولًا ولا حزمة فيها manifest.csv.',
    'bundle_large' => 'بعد فكها هذه الحزمة أكبر من حزمة أي مدرسة. لم يُقرأ شيء.',
    'table_missing' => 'الجدول {table} ناقص في الحزمة، أو يقول بيانها إنه غائب. لم يُدخل شيء.',
    'part_student_number' => 'رقم الطالب',
    'part_student_name' => 'اسم الطالب كاملًا',
    'part_student_given' => 'الاسم الأول للطالب',
    'part_student_family' => 'اسم عائلة الطالب',
    'part_class' => 'الصف',
    'part_teacher_email' => 'بريد المعلم',
    'part_guardian1_name' => 'اسم ولي الأمر',
    'part_guardian1_email' => 'بريد ولي الأمر',
    'part_guardian1_phone' => 'هاتف ولي الأمر',
    'part_guardian1_language' => 'لغة ولي الأمر',
    'part_guardian1_may_book' => 'هل له أن يحجز (yes، no)',
    'part_guardian2_name' => 'اسم ولي الأمر الثاني',
    'part_guardian2_email' => 'بريد ولي الأمر الثاني',
    'part_guardian2_phone' => 'هاتف ولي الأمر الثاني',
    'part_guardian2_language' => 'لغة ولي الأمر الثاني',
    'part_guardian2_may_book' => 'هل للثاني أن يحجز (yes، no)',
];
