<?php

declare(strict_types=1);

return [
    'range_ends_first' => 'تنتهي الفترة في يومها الأول أو بعده؛ {last} قبل {first}.',
    'range_too_long' => 'من {first} إلى {last} أكثر من عشر سنوات. راجعوا السنوات.',
    'zone_too_long' => 'حساب تغييرات التوقيت في المنطقة «{name}» يستغرق وقتًا طويلًا.',
    'no_such_date' => 'لا يوجد تاريخ «{given}». اكتبوه سنة-شهر-يوم، مثل 2026-11-26.',
    'no_such_instant' => '«{given}» ليست لحظة. اكتبوها وفق RFC 3339، مثل 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '«{given}» ليس وقتًا. اكتبوه 16:30 أو 1630 أو 16.30 أو 4:30pm.',
    'no_such_hours' => '«{given}» لا يذكر ساعات. اكتبوا من متى إلى متى، مثل 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' => '«{given}»: صباحًا أم مساءً؟ اكتبوا 16:00 to 18:00 أو 4pm to 6pm؛ أو 5am إن كان مبكرًا هكذا.',
    'no_such_zone' => 'لا توجد منطقة زمنية «{given}». استعملوا اسمًا من قاعدة tz، مثل Europe/Lisbon.',
    'ends_before_start' => 'يجب أن تكون النهاية، {until}، بعد البداية، {from}.',
    'cannot_repeat_by' =>
        '«{rule}» أكثر مما يمكن تكراره هنا؛ يجب أن يكون أسبوعيًا في أيام الأسبوع أو شهريًا في أيام الشهر.',
    'this_kind' => 'تكرار من هذا النوع',
    'as_month_day' => '{given} يومًا من الشهر',
    'rule_part' => 'لا يمكن قراءة التكرار: {name}={value}.',
    'rule_too_much' => 'حساب تكرارات هذا التقويم يستغرق وقتًا طويلًا، فتُرك هذا.',
    'rule_too_long' => 'يحدث التكرار أكثر مما يلتقي أحد، ولم يُتبع حتى نهايته.',
    'not_a_calendar' => 'السطر 1: هذا ليس تقويمًا. يبدأ ملف iCalendar بـ BEGIN:VCALENDAR.',
    'never_ends' => 'السطر {line, number, integer}: يبدأ {component} هنا ولا ينتهي.',
    'calendar_too_large' => 'في هذا التقويم {bytes, number, integer} بايت؛ يُقرأ على الأكثر {most, number, integer}.',
    'no_entry' => 'السطر 1: لا يوجد VEVENT في هذا التقويم (RFC 5545, 3.6.1).',
    'no_availability' => 'السطر 1: لا يوجد VAVAILABILITY في هذا التقويم (RFC 7953).',
    'at_line' => 'السطر {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {ينتهي {ends} هنا، لكن لم يبدأ شيء.} other {ينتهي {ends} هنا، لكن ما بدأ هو ' .
        '{begun}.}}',
    'an_entry' => 'إدخال',
    'a_busy_period' => 'وقت مشغول',
    'only_busy' => 'تُقرأ فقط {most, number, integer} من الأوقات المشغولة',
    'only_entries' => 'تُقرأ فقط أول {most, number, integer} من الإدخالات',
    'unreadable' => 'لا يمكن قراءته',
];
