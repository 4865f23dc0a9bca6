<?php

declare(strict_types=1);

return [
    'on_board' => '申请其他时间',
    'on_board_next' => '双方都有空时',
    'ask_title' => '向{host}申请时间',
    'closed' => '目前不能向{host}申请其他时间。可预约的时间在其页面上。',
    'no_scripts' =>
        '申请其他时间需要 JavaScript。{phone, select, none {学校办公室也可以帮助您。} other ' .
        '{学校办公室可以代您办理：{phone}。}}',
    'kept_for' => '您的时间保留到得到答复为止，最长 {hours, plural, other {# 小时}}。',
    'calendar_read' =>
        '{count, plural, =0 {您的日历显示您没有安排。} other {从您的日历读取了 # 个忙碌时段。}}{skipped, plural, ' .
        '=0 {} other {有 # 条无法读取。}}',
    'own_not_read' => '从您日历读取的内容已无法识别。请重新读取。',
    'feed_address' => '日历地址以 https://、http:// 或 webcal:// 开头。',
    'feed_or_file' => '请填写您的日历地址，或选择文件。',
    'file_size' => '日历文件最大 10 MB。',
    'work_address' => '地址以 https:// 或 http:// 开头，例如 https://docs.example.org/essay。',
    'no_choice' => '请至少在时间轴上放一个时间。',
    'three_choices' => '三个时间就够了。',
    'no_such_length' => '这里不能申请 {minutes, plural, other {# 分钟}}的面谈。请选择上面的时长。',
    'outside' => '这个时间不在可申请的时段内。请在绿色区域选择。',
    'not_free' => '您那时没有空，或必须在场的其他人没有空。',
    'choices_overlap' => '这个时间与您的另一个选择重叠。',
    'not_together' => '目前不能同时向这些人申请。请只向其中一人申请。',
    'gone' =>
        '{time} 刚刚被约走。{count, plural, =0 {附近没有大家都有空的时间；请看其他日子。} other {{times} ' .
        '大家都有空。没有发送任何内容；您的文字还在。}}',
    'enough_of_yours' =>
        '您已有 {most, plural, other {# 个申请}}待答复，它们在您的预约页面上。有一个得到答复后，您可以再申请。',
    'enough_of_theirs' => '{host}的待答复申请已达上限。没有发送任何内容。请一两天后再试，或在其页面预约。',
    'over' => '此申请已关闭：已答复、已撤回或已过期。没有任何更改。',
    'no_such_time' => '这个时间已不在申请之列。请再看一下；没有任何更改。',
    'cannot_be_had' => '这个时间现在您或对方有其他安排。没有任何更改；请提出其他时间。',
    'not_offered' => '这个时间不再提供。没有任何更改。',
    'move_by_asking' => '这个时间是与{host}商定的。如需另一个时间，请在其页面重新申请，商定后再退回这个。',
    'other_none' => '{host}尚未答复',
    'other_accepted' => '{host}已同意',
    'other_maybe' => '{host}表示不确定',
    'other_declined' => '{host}已拒绝',
    'over_accepted' => '已商定：{when}',
    'over_declined' => '已拒绝',
    'over_lapsed' => '未及时答复',
    'over_taken_back' => '申请已撤回',
    'pass_unconfirmed' => '为您保留到 {until}。点击发到 {email} 的邮件，{hosts, plural, other {即向{host}发出申请}}。',
    'pass_asked' => '{hosts, plural, other {已向{host}申请。}}您的时间保留到 {until}。',
    'pass_maybe' =>
        '{hosts, plural, =1 {{host}表示不确定。} other {并非所有人都已确定。}}这个时间为您保留，但尚未确定。最迟 ' .
        '{until} 您会得知结果。',
    'pass_proposed' =>
        '{hosts, plural, =1 {{host}提出了其他时间。} other {已提出其他时间。}}为您保留到 ' .
        '{until}；点击一次即可接受一个。',
    'pass_declined' => '{host}在这些时间不能与您面谈。',
    'pass_lapsed' => '没有人及时答复。您的时间重新开放。',
    'pass_taken_back' => '您已撤回。',
    'letter_sent' => '您向{host}申请了时间。保留到 {until}。',
    'letter_sent_heading' => '您向{host}的申请：{title}',
    'letter_to_confirm' =>
        '您想向{host}申请时间。为您保留到 ' .
        '{until}。点击下面的地址即向{host}发出申请。如果您没有申请，请不必理会：时间会重新开放。',
    'letter_to_confirm_heading' => '请确认：向{host}申请时间',
    'letter_maybe' => '{host}表示不确定。时间为您保留，但尚未确定。最迟 {until} 您会得知结果。',
    'letter_maybe_heading' => '待定：{title}，{host}',
    'letter_declined' => '{host}在这些时间不能与您面谈。',
    'letter_declined_heading' => '已拒绝：{title}，{host}',
    'letter_off' => '此次取消，时间重新开放。如果您的日历中有它，此邮件会将其移除。',
    'letter_off_heading' => '取消：{title}，{who}',
    'letter_proposed' => '{host}提出了其他时间。为您保留到 {until}。请打开您的预约接受一个。',
    'letter_proposed_heading' => '其他时间：{title}，{host}',
    'letter_lapsed' => '没有人及时答复。您的时间重新开放。',
    'letter_lapsed_heading' => '未答复：{title}，{host}',
    'fact_about' => '事项',
    'fact_details' => '说明',
    'fact_details_yours' => '您的说明',
    'fact_work' => '相关作业',
    'fact_student' => '关于',
    'fact_where' => '地点',
    'fact_from' => '申请人',
    'fact_with' => '老师',
    'fact_choice' => '第 {position, selectordinal, other {#}} 选择',
    'fact_time' => '时间',
    'fact_answer' => '答复',
    'to_pass' => '您的预约：查看进展，或撤回',
    'to_confirm' => '是，这是我的邮箱：发出申请',
    'summary' => '{title}，{other}',
    'also' => '还申请了 {times}。',
    'forgotten_title' => '已申请',
    'also_asked' => '还申请了',
    'word' => '想说的话（选填）',
    'stranger_title' => '专为您的时间',
    'field_student' => '学生姓名',
    'field_phone' => '电话号码',
    'field_about' => '事项',
    'field_work' => '作业地址',
];
