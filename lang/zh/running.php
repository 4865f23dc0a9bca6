<?php

declare(strict_types=1);

return [
    'queue_well' => '邮件能够发出。',
    'queue_wrong' =>
        '{waiting, plural, other {# 封邮件或其他任务}}在等候，最早的已等 {minutes, plural, other {# 分钟}}。队列在运行吗？bin/recess school status 会说明。',
    'scheduler_well' => '计划任务在运行。',
    'scheduler_wrong' =>
        '{known, select, no {计划任务还没有运行过} other {计划任务已沉默 {minutes, plural, other {# 分钟}}}}：期间不发送提醒。bin/recess school status 会说明是否在运行。',
    'letters_well' => '最近一天没有放弃的邮件。',
    'letters_wrong' =>
        '最近一天有 {failed, plural, other {# 封邮件或其他任务}}完全无法完成。原因：bin/recess school artisan queue:failed；重试：bin/recess school artisan queue:retry all。',
    'clock_well' => '没有晚于现在的记录。',
    'clock_wrong' =>
        '有记录比现在晚 {minutes, plural, other {# 分钟}}：机器的时钟被调慢，或之前不准。请校准：期间的预约是对的，但“太晚”和提醒以时钟为准。',
    'workers_well' => '工作进程都在。',
    'worker_silent' =>
        '{queue, select, rounds {为面谈会查找时间的进程} other {发送邮件的进程}}已有 {minutes, plural, other {# 分钟}}没有消息。bin/recess up 会启动未运行的部分。',
    'held' =>
        '{held, plural, =0 {没有扣留已恢复备份的邮件。} other {扣留了已恢复备份的 # 封邮件或其他任务}}{held, plural, =0 {} other {：恢复前可能已发出。用 bin/recess school artisan recess:held send 发送，或用 … recess:held drop 丢弃。}}',
    'held_sent' => '{held, plural, other {# 封邮件或其他任务}}现在发出。',
    'held_dropped' => '{held, plural, other {# 封邮件或其他任务}}已丢弃。',
    'held_how' => '可用：recess:held、recess:held send 和 recess:held drop。没有执行任何操作。',
    'unsent_well' => '没有长时间发送失败的邮件。',
    'letters_waiting' => '{count, plural, other {# 封邮件}}尝试后未能发出。邮件服务器说“{why}”。',
    'letters_given_up' => '一天内放弃了 {count, plural, other {# 封邮件}}。邮件服务器说“{why}”。',
    'mail_well' => '邮件服务器接收我们的邮件（{server}）。',
    'mail_wrong' =>
        '邮件服务器（{server}）不接收我们的邮件：“{why}”。邮件会等候并重试三天。处理方法：bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        '这所学校的数据表与程序的 Recess 版本不同，因此不显示也不写入；没有丢失任何内容。负责服务器的人：bin/recess doctor，然后 bin/recess up。',
    'census' =>
        '{staff, plural, other {# 位教职工}}，{sheets, plural, other {# 张安排表}}，{bookings, plural, other {# 次预约}}，{students, plural, other {# 名学生}}。',
    'first_key_over' => '{school}已经入驻。其他人由办公室在“教职工”页面邀请。',
    'too_much' => '内容超过我们任何页面会发送的量，因此没有查看。没有更改任何内容。',
    'calendar_too_much' => '读取这个日历需要的时间或内存超过允许。请查找其中每分钟或每秒重复的日程。',
    'file_quote_open' =>
        '文件第 {line, number} 行打开的引号（"）没有关闭，后面会成为一个很长的词。没有更改任何内容。请关闭或删除它，再提交文件。',
    'file_too_large' => '文件超过 {lines, number} 行，或有一行很长，因此没有读取。没有更改任何内容。请分几部分提交。',
    'a_lot_at_once' => '一次操作太多了。请等一分钟再按；没有丢失任何内容。',
    'settings_title' => '设置',
    'school_title' => '学校',
    'text_refused' => '短信服务返回 {status}。',
    'text_unanswered' => '短信服务没有响应。',
    'no_texts' => '这里不发送短信。',
];
