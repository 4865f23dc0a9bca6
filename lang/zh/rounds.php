<?php

declare(strict_types=1);

return [
    'was' => '原时间是 {moment}。',
    'not_to_move' => '这次面谈不能再改期。',
    'not_moved' => '有人刚刚约走了其中一个时间，所以没有任何更改。您已约好的都不变。请再看一下安排。',
    'back_heading' => '已取消：{title}',
    'back_news' => '{count, plural, =1 {您取消了这次面谈。} other {您取消了这 # 次面谈。}}时间现已对他人开放。',
    'back_link' => '重新预约',
    'only_families' => '这些面谈日面向{school}的家庭。请用您收到的卡片打开。',
    'day_said' => '{from} 至 {until}，{waiting, plural, =0 {中间无需等待} other {面谈之间共 # 分钟}}。',
    'between_none' => '紧接着',
    'between_wait' => '等待 {wait, plural, other {# 分钟}}',
    'between_way' => '路上 {way, plural, other {# 分钟}}',
    'between_both' => '路上 {way, plural, other {# 分钟}}，等待 {wait} 分钟',
    'left_nothing' => '{host}没有空闲时间了。',
    'left_interpreter' => '{host}有空闲时间，但届时没有您语言的口译。',
    'left_interpreter_stay' => '{host}有空闲时间，但届时没有您语言的口译；如果您能留到 {until}，{time} 可以。',
    'left_interpreter_come' => '{host}有空闲时间，但届时没有您语言的口译；如果您能来，{time} 可以。',
    'left_outside' => '{host}在您能来的时间没有空闲。',
    'left_outside_stay' => '{host}在您能来的时间没有空闲；如果您能留到 {until}，{time} 可以。',
    'left_outside_come' => '{host}在您能来的时间没有空闲；如果您能来，{time} 可以。',
    'left_clashes' => '{host}有空时您正与{others}面谈或在路上。',
    'left_clashes_stay' => '{host}有空时您正与{others}面谈；如果您能留到 {until}，{time} 可以。',
    'left_clashes_come' => '{host}有空时您正与{others}面谈；如果您能来，{time} 可以。',
    'take_otherwise' => '我可以 {time} 来',
    'not_proven' => '这是一个好安排。在页面允许的时间内无法确定是否有更好的。',
    'not_proven_meetings' => '{most, plural, other {也许最多能安排 # 次面谈}}；在页面允许的时间内无法查看所有可能。',
    'gone' => '有人刚刚约走了 {time} 与{host}的时间。没有预约任何时间；这是次优安排，变化已标出。',
    'no_longer' => '学校更改或关闭了 {time} 与{host}的时间。没有预约任何时间；这是次优安排，变化已标出。',
    'no_interpreter' => '{time} 您与{host}面谈时已没有口译。没有预约任何时间；这是次优安排，变化已标出。',
    'have_it' => '您已有与{host}关于{child}的时间，也许在另一个页面。没有预约更多；安排以您已有的为准。',
    'child_has_it' =>
        '{apart, select, yes {不能从这里预约与{host}关于{child}的时间。没有预约任何时间；学校办公室了解更多。} ' .
        'other {与{host}关于{child}的时间已由另一位照顾者预约。没有预约任何时间；请问对方或办公室。}}',
    'elsewhere' =>
        '{apart, select, yes {{time} 不能再预约。没有预约任何时间；这是次优安排，变化已标出。} other ' .
        '{您，或{child}与他人，现在 {time} 有另一次面谈。没有预约任何时间；这是次优安排，变化已标出。}}',
    'left_child' =>
        '{apart, select, yes {不能从这里预约与{host}关于{child}的时间。学校办公室了解更多。} other ' .
        '{另一位照顾{child}的人已预约{host}。}}',
    'not_open' => '这些面谈日现在不接受预约。学校办公室了解更多。',
    'cohort_opens' => '对您的预约开放时间：{moment}。',
    'not_in_it' => '对方不参加这些面谈日，或现在不接受预约。',
    'not_theirs' => '您不能在这里为这个孩子预约。',
    'twice' => '对方对同一个孩子出现了两次。',
    'nothing_picked' => '请勾选您想见的人。',
    'no_such_hours' => '当天没有这些时间。',
    'kept_heading' => '{moved, plural, =0 {您的安排} other {您的新安排}}：{title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, =1 {这次面谈已为您约好。} other {这 # 次面谈已为您约好。}}} other ' .
        '{您更改了 # 次面谈。{count, plural, =1 {这次面谈现已为您约好。} other {这 # ' .
        '次面谈现已为您约好。}}}}请打开您的预约更改或取消。',
    'kept_to_confirm' =>
        '{count, plural, =1 {这次面谈} other {这 # 次面谈}}为您保留半小时。点击下面的地址即全部预约成功。',
    'kept_link' => '您的全部预约',
    'kept_confirm' => '是，这是我的邮箱：预约',
    'no_scripts' => '安排是在您浏览时计算的，需要 JavaScript。没有它，请逐位预约老师：',
    'invite_heading' => '{title}：{collects, select, yes {您想见谁？} other {请选择时间}}',
    'remind_heading' => '{title}：我们还没有收到您的消息',
    'remind_news_book' => '您可以为{students}预约所有任课老师的时间，并查看如何配合。',
    'remind_news_wish' => '您可以在 {moment} 之前告诉我们为{students}想见谁，以及您什么时候能来。',
    'remind_link' => '打开页面',
    'remind_text' => '{title}：为{students}预约时间，{link}',
];
