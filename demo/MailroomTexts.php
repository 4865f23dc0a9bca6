<?php

declare(strict_types=1);

namespace Demo;

use App\Texts\TextMessages;
use Carbon\CarbonImmutable;
use Symfony\Component\Mime\Email;

/** Stands where a gateway for text messages would: they lie in the mailroom, to the number they went to. */
final class MailroomTexts implements TextMessages
{
    public function areSent(): bool
    {
        return true;
    }

    public function send(string $to, string $text): void
    {
        $message = (new Email())
            ->from('texts@gannetcove.example')
            ->to(preg_replace('/\D/', '', $to) . '@phone.example')
            ->subject('Text message')
            ->text($text);
        MailroomMessage::query()->create([
            'recipient' => $to,
            'subject' => 'Text message',
            'raw' => $message->toString(),
            'sent_at' => CarbonImmutable::now(),
        ]);
    }
}
