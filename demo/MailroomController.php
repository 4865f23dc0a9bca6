<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Clock;
use App\Framework\Page;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Recess\Calendars\PartStat;

/** The demo's mail, each message as its reader would see it. */
final class MailroomController
{
    private const SHOWN = 100;

    public function page(?MailroomMessage $message = null): View
    {
        $messages = MailroomMessage::query()
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get(['id', 'recipient', 'subject', 'sent_at']);
        $open = $message?->exists ? $message : MailroomMessage::query()->orderByDesc('id')->first();

        return Page::visit('Mailroom', 'Mailroom', [
            'messages' => $messages
                ->map(
                    static fn(MailroomMessage $row): array => [
                        'id' => $row->id,
                        'to' => $row->recipient,
                        'subject' => $row->subject,
                        'sent_at' => $row->sent_at->toIso8601ZuluString(),
                    ],
                )
                ->all(),
            'open' =>
                $open === null
                    ? null
                    : [
                        'id' => $open->id,
                        'answers' => CalendarProgram::answer($open, PartStat::Accepted, Clock::now()) !== null,
                        ...get_object_vars(OpenedMessage::read($open)),
                    ],
        ]);
    }

    /** The HTML part alone, for a frame that runs nothing and loads nothing. */
    public function html(MailroomMessage $message): Response
    {
        return new Response(OpenedMessage::read($message)->html, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' =>
                "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'; " .
                'sandbox allow-popups allow-popups-to-escape-sandbox allow-top-navigation-by-user-activation',
        ]);
    }

    /** As if its reader had pressed a button of their calendar program, which then writes to whom the entry names. */
    public function answer(MailroomMessage $message, Request $request): RedirectResponse
    {
        $request->validate(['says' => ['required', Rule::in(['ACCEPTED', 'TENTATIVE', 'DECLINED'])]]);
        $reply = CalendarProgram::answer($message, PartStat::from($request->string('says')->toString()), Clock::now());
        if ($reply !== null) {
            DB::table('mailroom_answers')->insert(['raw' => $reply]);
            Artisan::call('recess:answers');
        }

        return new RedirectResponse('/mailroom', 303);
    }
}
