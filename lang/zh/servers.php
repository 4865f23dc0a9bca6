<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => '您自己的日历',
    'heading' => '您自己的日历，双向同步',
    'about' =>
        '您日历中已占用的时间，在这里不会提供给任何人；在这里预约的，几秒钟内就会出现在日历中。适用于支持 CalDAV 的服务器上的日历；大多数都支持，并在其设置中给出地址。',
    'other_ways' => '没有服务器时，<link>一个订阅地址或一个文件</link>，加上您收到的邮件也可以。',
    'connect_heading' => '日历在哪里',
    'address' => '服务器地址',
    'address_help' => '按您的日历程序所示，以 https:// 开头',
    'name' => '您在那里的用户名',
    'password' => '您在那里的密码',
    'password_help' => '如果服务器提供专供程序使用的密码，最好用那种。密码会密封保存，不会给任何人看。',
    'connect' => '查找我的日历',
    'connecting' => '正在查找…',
    'again_heading' => '换密码或换服务器',
    'on' => '{name}，在 {host}',
    'looked' => '上次查看：{when}。',
    'which_heading' => '各自的用途',
    'which_about' => '会面会带着来访者的姓名、电话和回答出现在您的日历中：最好选一个别人看不到的日历。',
    'counts' => '其中已占用的时间在这里不再提供',
    'counts_times' => '{times, plural, =0 {其中没有将来的占用。} other {将来有 # 段占用时间。}}',
    'skipped' => '{many, plural, other {有 # 条无法读取。}}',
    'takes' => '我的会面写入这个日历',
    'takes_none' => '我的会面不写入任何日历',
    'written' => '{many, plural, =0 {其中还没有会面。} other {其中有 # 次会面。}}',
    'read_only' => '您无权写入。',
    'keep' => '保存',
    'keeping' => '正在保存…',
    'kept' => '已保存，并已查看。',
    'look_now' => '现在查看',
    'looked_now' => '刚刚查看过。',
    'disconnect' => '忘掉这个服务器',
    'disconnect_about' =>
        '用户名和密码会被忘掉，那里的任何内容都不再占用时间。已在您日历中的会面会留在那里；此后的变动不再写入。',
    'disconnect_sure' => '忘掉它',
    'disconnect_not' => '保留',
    'still_counts' => '{failure} 此前已知的内容仍然有效；系统会自动重试。',
    'demo' => '本演示中有一个，地址是 {address}，用户名 {name}，密码 {password}。',
    'not_https' => '日历服务器的地址以 https:// 开头，以免有人在途中读到您的密码。',
    'wrong_password' => '服务器不认识这个用户名和密码。',
    'not_let' => '服务器不允许我们在那里读取或写入。',
    'no_calendars' => '这个地址没有日历。请从您的日历程序中复制地址，或询问管理服务器的人。',
    'full' => '您在那里的日历已满：删除一些内容之前，无法再写入。',
    'error' => '服务器返回错误（{status}）。',
    'elsewhere' => '服务器让我们转到 {host}。您的密码是给您所填的服务器的：如果那个地址正确，请改填它。',
    'no_end' => '服务器让我们在地址之间无休止地跳转。',
    'not_understood' => '服务器的回答不是日历服务器的格式。',
    'not_this_one' => '您的会面不能写入这个日历。请另选一个。',
    'calendar_gone' => '日历“{calendar}”已不在您的服务器上：它不再占用这里的时间，您的会面也不在其中。',
    'not_in_step' =>
        '目前无法访问您自己的日历：此前已知的内容仍然有效，新的会面还没有写入。请查看设置中的“您自己的日历”。',
    'taken_out_there' =>
        '您从日历中删除了与 {name} 的会面。它仍然有效：{name} 会等您，{when}。如果您不能来，请在其预约单上取消。',
    'proposed' => '您在日历中移动了与 {name} 的会面：{there}。已询问 {name} 是否合适；在答复之前，仍按约定：{when}。',
    'moved_there' =>
        '在您的日历中，与 {name} 的会面是 {there}。{name} 并不知道：约定的是 {when}。请在其预约单上改期，对方就会收到通知。',
];
