<?php

declare(strict_types=1);

return [
    'change_block' => 'تغيير {day}، {block}',
    'change' => 'تغيير',
    'busy' => 'مشغول',
    'calendar' => 'تقويمكم: {what}، {said}',
    'now' => 'الآن',
    'minutes_left_over' =>
        '{minutes, plural, zero {لا تبقى دقائق} one {تبقى دقيقة واحدة} two {تبقى دقيقتان} few {تبقى # دقائق} many ' .
        '{تبقى # دقيقة} other {تبقى # دقيقة}}',
    'edge_from' => 'بداية {block}: اسحبوا أو استعملوا الأسهم',
    'edge_until' => 'نهاية {block}: اسحبوا أو استعملوا الأسهم',
    'to' => 'حتى {until}',
    'to_seats' =>
        'حتى {until}، {seats, plural, zero {لا مقاعد} one {مقعد واحد} two {مقعدان} few {# مقاعد} many {# مقعدًا} ' .
        'other {# مقعد}}',
    'seats' =>
        '{seats, plural, zero {لا مقاعد} one {مقعد واحد} two {مقعدان} few {# مقاعد} many {# مقعدًا} other {# مقعد}}',
    'slot' => '{day}، {from} – {until}، {state}',
    'slot_seats' =>
        '{slot}، {seats, plural, zero {لم يبق مقعد} one {بقي مقعد واحد} two {بقي مقعدان} few {بقي # مقاعد} many ' .
        '{بقي # مقعدًا} other {بقي # مقعد}}',
    'slot_added' =>
        '{slot}، {seats, plural, zero {لم يُضف مقعد} one {أُضيف مقعد واحد} two {أُضيف مقعدان} few {أُضيف # مقاعد} ' .
        'many {أُضيف # مقعدًا} other {أُضيف # مقعد}}',
    'slot_elsewhere' => '{slot}، {there} بتوقيتكم',
    'several' => '{from} – {until} {state}',
    'of_day' => '{heading}، {day}',
    'state_free' => 'متاح',
    'state_taken' => 'محجوز',
    'state_busy' => 'غير متاح',
    'state_too soon' => 'قريب جدًا للحجز',
    'state_not yet open' => 'لم يُفتح بعد',
    'state_closed' => 'مغلق',
    'state_past' => 'انتهى',
    'busy_at' => '{what}، {said}',
];
