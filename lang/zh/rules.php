<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {面谈开始前都可以预约。} other {最迟在面谈前 {lead_minutes_said}预约。}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {当天 {lead_by_said} 前可预约。} =1 {前一个工作日 ' .
            '{lead_by_said} 前可预约。} other {提前 # 个工作日，{lead_by_said} 前可预约。}}} other {{lead_days, ' .
            'plural, =0 {当天 {lead_by_said} 前可预约。} =1 {前一天 {lead_by_said} 前可预约。} other {提前 # ' .
            '天，{lead_by_said} 前可预约。}}}}',
        'opens_at' => '预约开放时间：{opens_at_said}。',
        'closes_at' => '预约截止时间：{closes_at_said}。',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 ' .
            '{每位学生的每位监护人一个时间：用自己页面预约的人各有一个。} other {每位学生的每位监护人最多 # ' .
            '个时间。}}} other {{per_student, plural, =1 {每位学生一个时间。} other {每位学生最多 # 个时间。}}}}',
        'per_visitor' => '{per_visitor, plural, =1 {每人一个时间。} =6 {} other {每人最多 # 个时间。}}',
        'per_week' => '{per_week, plural, =1 {每人每周一个时间。} other {每人每周最多 # 个时间。}}',
        'per_term' => '{per_term, plural, =1 {每人每学期一个时间。} other {每人每学期最多 # 个时间。}}',
        'per_month' => '{per_month, plural, =1 {每人每月一个时间。} other {每人每月最多 # 个时间。}}',
        'approve' => '您先申请时间；在 {asked_hours_said}内收到答复后即为您约好。',
        'show_who' => '{seats, plural, =1 {} other {同一时间来的人会看到您的姓名。}}',
    ],
    'why' => [
        'Past' => '{time} 已过。',
        'SheetDraft' => '此页尚未开放。',
        'SheetPaused' => '预约暂停。',
        'SheetClosed' => '这里的预约已截止。',
        'NoLongerOpen' => '这里的预约已截止。',
        'SlotClosed' => '{time} 不再空闲。',
        'HostBusy' => '{time} 不再空闲。',
        'NoSeat' => '{time} 刚刚被约走。',
        'NoInterpreter' => '{time} 没有您需要的口译。',
        'NotLongEnough' => '{time} 的时间不够这次较长的面谈。',
        'DayFull' => '那一天已约满。',
        'TooSoon' => '{time} 太近，现在无法预约。',
        'VisitorHasEnough' => '您在这里的预约已达上限。请更改已有的预约。',
        'VisitorHadWeek' => '您那一周在这里的预约已达上限。请选择其他周，或更改已有的预约。',
        'VisitorHadMonth' => '您那个月在这里的预约已达上限。请选择其他月份，或更改已有的预约。',
        'VisitorHadTerm' => '您那个学期在这里的预约已达上限。请选择其他学期的时间，或更改已有的预约。',
        'StudentHasEnough' => '这位学生在这里的预约已达上限。请更改已有的预约。如果是另一位同名学生，请加上中间名。',
        'VisitorElsewhere' => '您在 {time} 前后有另一次面谈，或来不及赶到。',
        'StudentElsewhere' => '这位学生在 {time} 前后有另一次面谈。如果是另一位同名学生，请加上中间名。',
        'NotAtPlace' => '{time} 不在您选择的地点。',
        'NotOpenYet' => '{time} 从 {until} 起可以预约。',
        'TooFarAhead' => '{time} 从 {until} 起可以预约。',
    ],
];
