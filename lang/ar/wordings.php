<?php

declare(strict_types=1);

// The school's own words, in place of ours: a page of the office. ICU MessageFormat.
return [
    'title' => 'كلماتنا',
    'about' =>
        'كل جملة يقولها Recess يمكن قولها بكلمات مدرستكم: في الصفحات والرسائل وعلى الورق. ' .
        'ابحث عنها واكتب غيرها، فتُقال منذ ذلك الحين.',
    'language' => 'اللغة',
    'find' => 'كلمات من الجملة',
    'find_press' => 'بحث',
    'own_only' => 'جملنا فقط ({count, number, integer})',
    'type_first' => 'اكتب بعض الكلمات كما ترد في الصفحة أو في الرسالة.',
    'none' => 'لا توجد جملة فيها هذه الكلمات.',
    'none_own' => 'لم تُغيَّر صياغة شيء بعد.',
    'more' => 'جمل أخرى: {count, number, integer}. اكتب كلمات أكثر.',
    'found' => 'عدد الجمل: {count, number, integer}',
    'own' => 'جملتكم',
    'ours_is' => 'جملتنا',
    'ours_changed' => 'تغيّرت جملتنا منذ كتبتم هذه.',
    'english_is' => 'بالإنجليزية',
    'where' => 'مكانها',
    'change' => 'تغيير',
    'change_of' => 'تغيير «{text}»',
    'another' => 'صياغتكم',
    'another_about' =>
        'ما بين القوسين المعقوفين يُملأ عند القول: اترك الكلمة الأولى فيهما كما هي. ' .
        'ولكل طريقة في قول العدد قوسان خاصان بها.',
    'save' => 'لتُقل هكذا',
    'leave' => 'اتركها',
    'back' => 'العودة إلى جملتنا',
    'kept' => 'تُقال هكذا من الآن.',
    'not_there' => 'لم تعد هذه الجملة موجودة. ابحث عنها من جديد.',
    'meanwhile' => 'صاغها شخص آخر في هذه الأثناء: «{text}». لم تُحفظ صياغتك؛ ابحث عنها من جديد.',
    'fault_empty' => 'اكتب شيئًا، أو اضغط «العودة إلى جملتنا».',
    'fault_letters' => 'لا يمكن قراءة الحروف. يجب أن تكون UTF-8.',
    'fault_long' => 'هذا طويل جدًا. أقصى عدد للحروف: {most, number, integer}.',
    'fault_unseen' => 'فيها علامة لا تُرى. اكتبها بدل أن تلصقها.',
    'fault_brackets' => 'ينقص قوس معقوف، أو يوجد قوس زائد.',
    'fault_lines' => 'يجب أن تبقى في سطر واحد.',
    'fault_tags' => 'لا تأتي علامات مثل {signs} إلا كما هي في جملتنا.',
    'fault_lacking' => 'هذا ناقص: {names}. يُملأ عند القول.',
    'fault_strange' => 'لا أحد يملأ هذا: {names}.',
    'fault_plural' => 'تنقص طريقة لقول العدد: {way} (مثلًا {numbers}).',
    'in_times' => 'الصفحة التي يُحجز فيها موعد',
    'in_find' => 'الصفحات التي تجد فيها الأسر شخصًا',
    'in_pass' => 'بطاقة الأسرة',
    'in_round' => 'صفحة اللقاءات للأسر',
    'in_asking' => 'طلب وقت آخر',
    'in_entrance' => 'الجهاز اللوحي عند المدخل',
    'in_desk' => 'مكتب اللقاءات',
    'in_sheets' => 'جداول المعلّم',
    'in_rounds' => 'إعداد اللقاءات',
    'in_office' => 'صفحات إدارة المدرسة',
    'in_account' => 'الدخول والإعدادات',
    'in_letter' => 'رسالة',
    'in_paper' => 'ورقة',
    'in_plain' => 'صفحات بلا برمجة',
    'in_error' => 'الصفحة التي تقول إن شيئًا لم ينجح',
    'in_text' => 'رسالة نصية',
    'in_answer' => 'جواب، أو جزء من جملة أخرى',
    'file_title' => 'كل شيء، للمترجمين',
    'file_about' => 'ملف PO كما تقرؤه برامج المترجمين وتكتبه. ما يعود يُنظر فيه أولًا؛ يُؤخذ كله أو لا يُؤخذ.',
    'file_out' => 'كل الجمل ({language})',
    'file_in' => 'ملف PO فيه جمل',
    'file_choose' => 'النظر في ملف',
    'file_take' => 'خذ الجمل، العدد: {count, number, integer}',
    'file_more' => 'وغيرها، العدد: {count, number, integer}',
    'file_ours' => 'جملتنا: {text}',
    'file_letters' => 'لا يمكن قراءة حروف هذا الملف. احفظه بترميز UTF-8 ثم اختره من جديد. لم يُؤخذ شيء.',
    'file_not_read' =>
        '{line, select, none {هذا ليس ملف PO.} other {هذا ليس ملف PO: لا يمكن قراءة السطر {line}.}} لم يُؤخذ شيء.',
    'file_language' =>
        'لا يقول الملف بأي لغة هو، أو هي لغة لا يعرفها Recess («{language}»). ' .
        'يحتاج رأسه إلى سطر مثل «Language: it». لم يُؤخذ شيء.',
    'file_fault' => 'السطر {line, number, integer}، {key}: {why}',
    'file_faults_more' => 'أخطاء أخرى: {more, number, integer}.',
    'file_strange' =>
        'جمل لم تعد في Recess فتُركت، العدد {count, number, integer}: {keys}{more, plural, =0 {} other {، وغيرها}}.',
    'file_changed' =>
        'تغيّر النص الإنجليزي منذ خروج الملف، فيبقى ما يُقال، العدد {count, number, integer}: {keys}{more, ' .
        'plural, =0 {} other {، وغيرها}}.',
    'file_unsure' =>
        'جمل عُلّمت بأنها غير مؤكدة (fuzzy) فتُركت، العدد {count, number, integer}: {keys}{more, plural, =0 ' .
        '{} other {، وغيرها}}.',
    'file_meanwhile' => 'تغيّر شيء منذ نظرت. انظر في الملف من جديد. لم يُؤخذ شيء.',
    'file_taken' => 'عدد الجمل التي تُقال من الآن بصياغة أخرى: {count, number, integer} ({language}).',
    'file_would' =>
        '{language}: {count, plural, =0 {لن يُقال شيء بصياغة أخرى} ' .
        'other {عدد الجمل التي ستُقال بصياغة أخرى: {count, number, integer}}}. ' .
        '{faults, plural, =0 {} other {عدد الأخطاء: {faults, number, integer}؛ صحّحها أولًا في الملف.}}',
    'back_all' => 'العودة إلى كل جملنا ({language})',
    'back_all_sure' => 'عدد جملكم التي ستزول: {count, number, integer}. خذ الملف أولًا إن أردت الاحتفاظ بها.',
];
