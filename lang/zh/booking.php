<?php

declare(strict_types=1);

return [
    'way' => '查看到{place}的路线',
    'letter_row' =>
        '{host}，{where}{directions, select, none {} other {（{directions}）}}{student, select, none {} other { – ' .
        '关于{student}}}{interpreter, select, none {} other { – 口译：{interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none ' .
        '{按所填内容无法进行。您填写的内容已保留。如果已有预约，请从收到的邮件中打开；或询问办公室。} other ' .
        '{按所填内容无法进行。您填写的内容已保留。如果已有预约，请从收到的邮件中打开；或致电办公室 {phone}。}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none ' .
        '{按所填内容无法预约这个时间。您填写的内容已保留。如果您曾用此邮箱预约，一封含有您预约的邮件正在发送；或询问办公室。} ' .
        'other ' .
        '{按所填内容无法预约这个时间。您填写的内容已保留。如果您曾用此邮箱预约，一封含有您预约的邮件正在发送；或致电办公室 ' .
        '{phone}。}}',
    'against' => [
        'visitor_enough' => '您已在另一个页面预约过这里。请从收到的邮件打开“您的预约”更改。',
        'visitor_elsewhere' => '您那时有另一次面谈，或时间太近。请选择其他时间。',
        'student_enough' => '这里已有关于{student}的时间，由另一位照顾者预约。您可以申请加入。',
        'student_elsewhere' => '那时有另一次关于{student}的面谈，或时间太近。请选择其他时间。',
    ],
    'only_families' => '这些时间面向{school}认识的家庭。请用邮件中的链接、您的预约页面或卡片上的代码打开。',
    'only_staff' => '此页仅供{school}的教职工使用。',
    'only_anyone' => '任何人都可以打开此页。',
    'sheet_with' => '{host}',
    'staff_come_in' => '登录并查看时间',
    'card_title' => '您有一张带代码的卡片',
    'card_code' => '卡片上的代码',
    'card_open' => '打开',
    'card_unknown' => '没有这个代码的卡片。请再看一遍：共十个字母和数字。',
    'card_too_often' => '从这里尝试的代码太多。请等一小时，或打开邮件中的链接。',
    'card_none' =>
        '{phone, select, none {没有卡片也没有邮件？请致电办公室。} other {没有卡片也没有邮件？请致电办公室 ' .
        '{phone}。}}',
    'no_line' =>
        '{phone, select, none {目前无法加入等候名单。请稍后再来，或致电办公室。} other ' .
        '{目前无法加入等候名单。请稍后再来，或致电办公室 {phone}。}}',
    'line_is_long' =>
        '{phone, select, none {等候名单已满。请稍后再来，或致电办公室。} other ' .
        '{等候名单已满。请稍后再来，或致电办公室 {phone}。}}',
    'not_answered' =>
        '{phone, select, none {没有及时得到答复，时间重新开放。请选择其他时间，或致电办公室。} other ' .
        '{没有及时得到答复，时间重新开放。请选择其他时间，或致电办公室 {phone}。}}',
    'not_confirmed' => '电子邮箱没有及时确认。',
    'other_host' => '{time} 是与{host}面谈。再点一次确认，或选择其他时间。',
    'has_begun' => '这次面谈已开始或结束，不能再改期或取消。',
    'next_free' => '空闲：{when}',
    'next_opens' => '开放时间：{when}',
    'next_taken' => '所有时间都已约满',
    'next_over' => '目前没有更多时间',
    'pick' => '请选择时间',
    'free' => '{free, number} 个空闲',
    'free_here' => '这几天有 {free, number} 个空闲',
    'clock' => '12 小时制',
    'slot' => [
        'taken' => '{from} 至 {until} 已约满',
        'busy' => '{from} 至 {until} 不可用',
        'too soon' => '{from} 至 {until} 太近，无法预约',
        'not yet open' => '{from} 至 {until} 尚未开放',
        'closed' => '{from} 至 {until} 已关闭',
        'past' => '{from} 至 {until} 已过',
    ],
    'earliest' => '最早：',
    'parts' => '时段',
    'part' => [
        'any' => '任何时间：{free, number}',
        'morning' => '上午：{free, number}',
        'afternoon' => '下午：{free, number}',
        'late' => '{from} 起：{free, number}',
    ],
    'day_none' => '这一天没有空闲。',
    'times' => [
        'free' => '{free, plural, other {请选择时间：# 个空闲}}',
        'taken' => '所有时间都已约满',
        'opens' => '开放时间：{opens}',
        'enough' => '您在这里已经预约过',
        'too late' => '剩余的时间已停止预约',
        'over' => '目前没有更多时间',
    ],
    'sheet_title' => '{sheet}，{host}',
    'state' => [
        'kept' => '保留到 {until}。请点击发到您邮箱的邮件中的按钮，即预约成功。',
        'asked' => '已申请。最迟为您保留到 {until}。',
        'booked' => '已预约。',
        'declined' => '已拒绝。',
        'cancelled' => '已取消。',
    ],
    'undo' => [
        'given back' => '这次面谈已取消。',
        'moved' => '面谈已改期。',
        'guest left' => '对方不来。',
        'guest brought' => '已邀请对方。',
    ],
    'office' => '{phone, select, none {需要帮助？请致电学校办公室。} other {需要帮助？请致电学校办公室：{phone}。}}',
    'handout' =>
        '{phone, select, none {如有困难，请致电办公室，由他们为您预约。} other {如有困难，请致电办公室 ' .
        '{phone}，由他们为您预约。}}',
    'slip' =>
        '{phone, select, none {如果不能来，请致电办公室：别人会很高兴用这个时间。} other {如果不能来，请致电办公室 ' .
        '{phone}：别人会很高兴用这个时间。}}',
    'notice' =>
        '{phone, select, none {无需账户。或询问办公室：他们为您预约。} other {无需账户。或致电办公室 ' .
        '{phone}：他们为您预约。}}',
    'look_again' => '有些地方需要再看一下。没有丢失任何内容。',
    'line_sent' => '我们已给您发邮件。点击其中的按钮，有空闲时间时我们会通知您。轮到您时，会为您保留一段时间。',
    'confirm_first' => '这个时间只是为您保留。请点击发到您邮箱的邮件中的按钮；之后即预约成功，可以更改。',
    'undo_late' => '已来不及撤销：相关的人已收到通知。',
    'undo_taken' => '已不能撤销：有人更快。请选择其他时间。',
    'address_subject' => '这是您的电子邮箱吗？',
    'address_news' =>
        '有人用此邮箱在{school}预约。是您吗？请点击按钮，今后邮件会发到这里。如果不是，请不必理会。您不会再收到邮件。',
    'address_press' => '是，这是我的邮箱',
    'address_asked' => '{email} 是您的邮箱吗？',
    'address_asked_more' => '点击一次，关于您面谈的邮件就会发到这里；为您保留的时间也随之约好。',
    'address_done' => '谢谢。邮件将发到 {email}。',
    'address_moved_subject' => '关于您面谈的邮件改发到另一个邮箱',
    'address_moved_news' =>
        '{phone, select, none {关于您预约的邮件今后发到 ' .
        '{email}。如果不是您更改的，请打开您的预约并更换页面地址，或致电办公室。} other {关于您预约的邮件今后发到 ' .
        '{email}。如果不是您更改的，请打开您的预约并更换页面地址，或致电办公室 {phone}。}}',
    'join_subject' => '{name}也想来',
    'join_news' => '{name}申请加入这次面谈。请打开您的预约将其加入。或不必理会：对方不会收到通知。',
    'open_pass' => '打开您的预约',
    'to_pass' => '查看您的预约',
    'dear' => '{name}，您好：',
    'line_subject' => '{host}有空闲时间时通知您吗？',
    'line_news' => '有人要求在有空闲时间时通知此邮箱。是您吗？请点击按钮。如果不是，请不必理会。您不会再收到邮件。',
    'line_press' => '是，有空闲时通知我',
    'line_asked' => '有空闲时间时通知您吗？',
    'line_asked_more' => '当有人退回时间且轮到您时，会为您保留一段时间并发邮件。',
    'wants_heading' => '您合适的时间',
    'wants_when' => '时间',
    'wants_any_time' => '任何时间',
    'wants_morning' => '上午',
    'wants_afternoon' => '下午，四点之前',
    'wants_late' => '四点之后',
    'wants_where' => '地点',
    'wants_anywhere' => '任何地点',
    'wants_with' => '老师',
    'wants_anybody' => '任何人',
    'wants_only' => '只提供这些',
    'wants_tell_me' => '有空闲时通知我',
    'line_in' => '{before, plural, =0 {您排在第一。} =1 {您排在第二。} other {您前面有 # 人。}}',
    'line_in_more' => '有空闲且轮到您时，会为您保留一段时间并发邮件。本来就空闲的时间照常可以预约。',
    'line_offered' => '为您保留了一个时间：{when}。请在 {until} 前接受。',
    'line_offered_more' => '请打开相关邮件接受。如果您放弃，会先问其他人；第二次就不再问您。',
    'line_out' => '不再通知您空闲时间。',
    'line_leave' => '不要再通知我',
    'line_decline' => '不用，谢谢：这次不要',
    'offer_heading' => '有空闲时间：{when}，{host}',
    'offer_news' => '有空闲时间。为您保留到 {until}。',
    'offer_take' => '接受这个时间',
    'offer_decline' => '不用，谢谢',
    'offer_what' => '事项',
    'offer_when' => '时间',
    'offer_with' => '老师',
    'line_see' => '查看时间',
    'pass_renewed_heading' => '您的预约：新的私人地址',
    'pass_renewed' =>
        '{why, select, together {您的全部预约现在在一个页面上，该页面有新地址。以前的链接不再有效。} card ' .
        '{您预约的私人页面有新地址。您有新卡片，旧卡片上的内容不再有效。您的预约不变。} other ' .
        '{您预约的私人页面有新地址。旧地址在一个日历文件中，您加入的人可以打开，因此已失效。您的预约不变。}}以前的日历条目不能再从日历中回复：请使用本页。',
    'pass_renewed_link' => '您的预约',
    'everything' => '此链接只涉及您的一部分预约。全部预约可从您的邮箱打开。',
    'everything_press' => '给我发送全部预约的链接',
    'everything_sent' => '邮件正发往我们所知的您的邮箱。请在三天内打开并点击按钮：之后您会看到全部预约。',
    'everything_office' =>
        '{phone, select, none {我们没有您的邮箱可发送链接。如有需要，请致电办公室。} other ' .
        '{我们没有您的邮箱可发送链接。如有需要，请致电办公室：{phone}。}}',
    'open_everything' => '您的全部预约',
    'open_everything_more' => '点击按钮，本页就知道邮件已送达。',
    'open_everything_press' => '打开全部',
    'also_with' => '{kind, select, any {或{any}} must {和{must}} other {或{any}，以及{must}}}',
    'together' =>
        '{pages, plural, other {还有 # 个页面使用您的姓名和此邮箱。}}{meetings, plural, =0 ' .
        '{那里没有即将到来的面谈。} other {那里有 # 次面谈。}}',
    'together_more' => '您可以把全部放在一个页面上。旧邮件中的链接将失效；新邮件会带来新链接。',
    'together_press' => '全部放在一个页面',
    'together_done' => '全部在一个页面上',
    'together_left' => '未能全部放在一个页面',
    'together_apart' =>
        '{pages, plural, other {# ' .
        '个页面单独保留。}}两边都有的内容不能合并：同一等候名单的位置、同一面谈日的意愿，或同一次面谈。请在其中一个页面撤回，然后再点一次。',
    'address_moved_link' => '学校主页',
    'needs_address' =>
        '{phone, select, none {这里有许多时间是不留邮箱预约的。请留一个邮箱以便确认。} other ' .
        '{这里有许多时间是不留邮箱预约的。请留一个邮箱以便确认；或致电办公室 {phone}。}}',
    'many_wait' =>
        '{phone, select, none ' .
        '{目前有些时间为您网络中尚未确认的邮箱保留。请点击您邮件中的按钮，或半小时后再试。您填写的内容已保留。} ' .
        'other {目前有些时间为您网络中尚未确认的邮箱保留。请点击您邮件中的按钮，或半小时后再试；或致电办公室 ' .
        '{phone}。您填写的内容已保留。}}',
    'good_day' => '您好：',
    'again_title' => '我的预约在哪里？',
    'again_address' => '您预约时使用的邮箱',
    'again_press' => '重新发送',
    'again_sent' => '如果此地址有预约，一封含有您预约的邮件正在发送。请查看邮箱，也请查看垃圾邮件。',
    'again_back' => '所有老师',
    'left' => '您不再参加 {when} 的“{title}”。{visitor}可以再次将您加入。',
    'link' => [
        'kept' => '预约成功后会有链接。',
        'asked' => '申请获准后会有链接。',
        'later' => '链接稍后提供。届时您会收到邮件。',
        'before' =>
            '面谈前 {minutes, plural, other {# 分钟}}，{where, select, here {链接会出现在这里} other ' .
            '{链接会出现在您的预约页面上}}。',
        'called' => '叫到您时，{where, select, here {链接会出现在这里} other {链接会出现在您的预约页面上}}。',
    ],
    'key_reused' => '此表单已用其他答案发送过。以第一次为准。请重新加载页面预约其他时间。',
    'no_such_time' => '这里没有这个时间。',
    'these_free' => '{count, plural, =0 {这里现在没有其他空闲。} other {空闲：{times}。}}',
    'guests_none' => '这些面谈不接受陪同者。',
    'guests_enough' => '陪同者已达上限。',
    'guest_already' => '此人已在参加者中。',
    'find_title' => '查找时间',
    'board_title' => '与老师面谈',
    'pass_title' => '您的预约',
];
