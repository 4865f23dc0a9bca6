<?php

declare(strict_types=1);

return [
    'heading' => 'طلب موعد من {host}',
    'intro' => 'حين لا يناسب أي موعد <link>على صفحته</link>. {intro}',
    'about' => 'ما الموضوع؟',
    'your_choices' => 'اختياراتكم',
    'know' => 'ما يحسن معرفته',
    'earlier_days' => 'أيام أسبق',
    'later_days' => 'أيام لاحقة',
    'first_choice' => 'الاختيار الأول',
    'second_choice' => 'الاختيار الثاني',
    'third_choice' => 'الاختيار الثالث',
    'earlier' => 'أبكر',
    'later' => 'لاحقًا',
    'choice_taken' => 'أُخذ هذا في هذه الأثناء. انقلوه أو أزيلوه.',
    'choice_put' => 'وضعه على أول وقت مشترك',
    'choice_second' => 'تسمية اختيار ثانٍ',
    'choice_third' => 'تسمية اختيار ثالث',
    'choice_only' =>
        '{choice}: {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتان} few {# دقائق} many {# دقيقة} ' .
        'other {# دقيقة}} فقط',
    'choice_minutes' =>
        '{choice}: {minutes, plural, zero {# دقيقة} one {دقيقة واحدة} two {دقيقتان} few {# دقائق} many {# دقيقة} ' .
        'other {# دقيقة}}',
    'choice_out_of' => '{choice}: إزالة',
    'choice_out' => 'إزالة',
    'how_long' => 'كم من الوقت؟',
    'own_besides' => 'مواعيدكم تقول متى تكونون في مكان آخر. أضيفوا تقويمًا لكم',
    'own_add' => 'أضيفوا تقويمًا لكم، لرؤية متى تكونون متاحين كلاكما',
    'own_reading' => 'جارٍ القراءة…',
    'own_read' => 'قراءته',
    'own_promise' =>
        'يُقرأ مرة واحدة ولا يُحفظ في أي مكان: لا يعود إلى هذه الصفحة إلا متى تكونون مشغولين، ويزول معها. ولا ' .
        'يُخبر أحد بما فيه.',
    'own_file' => 'ملف تقويم (.ics)',
    'own_address' => 'أو عنوان تقويم',
    'own_leave_out' => 'تركه جانبًا',
    'sent_press_more' => 'بقيت خطوة واحدة: راجعوا بريدكم.',
    'sent_kept' =>
        'مواعيدكم محفوظة نصف ساعة. اضغطوا الزر في الرسالة إلى {email} فيُرسل الطلب. والوضع على <link>صفحة ' .
        'خاصة</link>. عنوانها لكم وحدكم.',
    'sent_hear' => 'يصلكم الجواب برسالة إلى {email}. {kept} والوضع على <link>صفحة خاصة</link>. عنوانها لكم وحدكم.',
    'sent_answer' => 'يصل الجواب إلى مواعيدكم. {kept} والوضع على <link>صفحة خاصة</link>. عنوانها لكم وحدكم.',
    'sent_to_bookings' => 'إلى مواعيدكم',
    'where' => 'أين؟',
    'student' => 'بخصوص من؟',
    'student_help' => 'اسم الطالب.',
    'details' => 'تفاصيل',
    'work' => 'عنوان العمل المقصود',
    'work_help' => 'مثل https://docs.example.org/essay',
    'place' => 'أين: <bold>{label}</bold> <faint>{directions}</faint>',
    'goes_to' => 'يُضاف هذا إلى <link>مواعيدكم</link>، لـ {name}.',
    'somebody_else' => 'شخص آخر يطلب',
    'email_help' => 'للجواب ولإدخال التقويم.',
    'when' => 'متى تكونون متاحين كلاكما؟',
    'when_help' => 'اضغطوا أو اسحبوا على شريط أخضر. الأوقات: {zone}.',
    'more_days' =>
        '{many, plural, zero {لا أيام أخرى} one {يوم آخر} two {يومان آخران} few {# أيام أخرى} many {# يومًا آخر} ' .
        'other {# يوم آخر}}',
    'with' => 'مع شخص آخر أيضًا',
    'nothing_fits' => 'لم يعد يتسع شيء في ذلك اليوم.',
    'only_fit' =>
        '{minutes, plural, zero {لا يتسع هناك شيء.} one {لا يتسع هناك إلا لدقيقة واحدة.} two {لا يتسع هناك إلا ' .
        'لدقيقتين.} few {لا يتسع هناك إلا لـ # دقائق.} many {لا يتسع هناك إلا لـ # دقيقة.} other {لا يتسع هناك إلا ' .
        'لـ # دقيقة.}}',
    'no_other' => 'لا وقت مشتركًا آخر بهذه المدة في هذه الأيام.',
    'put_on_0' => 'وضع الاختيار الأول في {day}',
    'put_on_1' => 'وضع الاختيار الثاني في {day}',
    'put_on_2' => 'وضع الاختيار الثالث في {day}',
    'choice_step' => '{choice}: {step}',
    'sent' =>
        '{many, plural, zero {يُسأل {names}.} one {يُسأل {names}.} two {يُسأل {names}.} few {يُسأل {names}.} many ' .
        '{يُسأل {names}.} other {يُسأل {names}.}}',
    'press' => 'إرسال الطلب إلى {names}',
    'press_one_of' => 'طلب أحد هذه من {names}',
    'with_these' => 'معًا: {names}',
    'none_common' => 'لا وقت متاحًا مشتركًا في هذه الأيام.',
    'none_common_later' => 'لا وقت متاحًا مشتركًا في هذه الأيام؛ انظروا أيامًا لاحقة.',
    'none_common_all' => 'لا وقت متاحًا مشتركًا لكم جميعًا في هذه الأيام.',
    'none_common_all_later' => 'لا وقت متاحًا مشتركًا لكم جميعًا في هذه الأيام؛ انظروا أيامًا لاحقة.',
    'band_none' => '{day}: لا شيء مشترك',
    'band' => '{day}: مشترك {spans}',
    'band_both' => 'كلاكما',
    'band_you' => 'أنتم',
    'band_all' => 'الجميع',
    'band_from' => 'من {at}',
    'band_nothing' => 'لا شيء',
    'hours' =>
        '{hours, plural, zero {# ساعة} one {ساعة واحدة} two {ساعتان} few {# ساعات} many {# ساعة} other {# ساعة}}',
];
