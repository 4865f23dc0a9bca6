<?php

declare(strict_types=1);

return [
    'date' => 'التاريخ',
    'from' => 'من',
    'to' => 'إلى',
    'host' => 'المضيف',
    'student' => 'الطالب',
    'visitor' => 'الزائر',
    'phone' => 'الهاتف',
    'place' => 'المكان',
    'answers' => 'الإجابات',
    'arrived' => 'وصل',
    'became' => 'ما جرى',
    'offered' => 'معروض',
    'booked' => 'محجوز',
    'came' => 'جاء',
    'did_not_come' => 'لم يأت',
    'wait' => 'متوسط الانتظار بالدقائق',
    'overrun' => 'متوسط التجاوز بالدقائق',
    'family' => 'الأسرة',
    'teacher' => 'المعلم',
    'wish' => 'الرغبة',
    'asked' => 'بطلب',
    'why_not' => 'لماذا لا',
    'email' => 'البريد',
    'link' => 'الرابط',
    'state' => 'الحالة',
    'word' => 'كلمة',
];
