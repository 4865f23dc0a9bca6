<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Words;
use Illuminate\Console\Command;
use Illuminate\Mail\Mailer;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Transport\Smtp\SmtpTransport;

/** Goes as far with the mail server as a letter does before it is handed over: name, certificate, password. */
final class MailServerCommand extends Command
{
    protected $signature = 'recess:mail-server';

    protected $description = 'Signs in to the mail server, and says what it says';

    public function handle(): int
    {
        $mailer = Mail::mailer();
        assert($mailer instanceof Mailer);
        $transport = $mailer->getSymfonyTransport();
        try {
            if ($transport instanceof SmtpTransport) {
                $transport->start();
                $transport->stop();
            }
        } catch (TransportExceptionInterface $failure) {
            $this->line(
                '✗ ' .
                    Words::say('running.mail_wrong', [
                        'server' => (string) $transport,
                        'why' => ServerSaid::of($failure),
                    ]),
            );

            return self::FAILURE;
        }
        $this->line('✓ ' . Words::say('running.mail_well', ['server' => (string) $transport]));

        return self::SUCCESS;
    }
}
