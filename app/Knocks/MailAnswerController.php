<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Clock;
use App\Framework\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a button in a letter opens: programs that look through mail open it too, so that only a press on it does something. */
final class MailAnswerController
{
    public function page(string $answer): Response
    {
        return self::show(MailAnswer::read($answer));
    }

    public function press(string $answer, Request $request): Response
    {
        $said = MailAnswer::read($answer);
        if ($said === null) {
            return self::show(null);
        }
        $request->validate(['word' => ['nullable', 'string', 'max:1000']]);
        $word = $request->string('word')->trim()->toString();
        $now = Clock::now();
        try {
            match ($said->answer) {
                'accept' => app(AcceptKnock::class)($said->knock, $said->host, (int) $said->choice?->id, $word, $now),
                'maybe' => app(HoldKnock::class)($said->knock, $said->host, (int) $said->choice?->id, $word, $now),
                default => app(DeclineKnock::class)($said->knock, $said->host, $word),
            };
        } catch (KnockRefused $refusal) {
            return self::show($said, $refusal->getMessage(), 409);
        }

        return self::show(
            $said,
            Words::say("knocks.mail_done_$said->answer", ['who' => $said->knock->pass->name]),
            done: true,
        );
    }

    private static function show(
        ?MailAnswer $answer,
        string $message = '',
        int $status = 200,
        bool $done = false,
    ): Response {
        $view = view('plain.knock-answer', ['answer' => $answer, 'message' => $message, 'done' => $done]);

        return new Response($view->render(), $answer === null ? 410 : $status, [
            'Cache-Control' => 'no-store, private',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }
}
