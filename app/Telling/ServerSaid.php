<?php

declare(strict_types=1);

namespace App\Telling;

use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** What a mail server said when it did not take something. */
final class ServerSaid
{
    /** Around the server's words stand those of the library that asked it. */
    private const FRAME = '/^Expected response code ".*?" but got (?:code "\d+"|empty code)(?:, with message "(.*)")?\.?$/s';

    /**
     * Whether the server said for good that there is nobody at this address (RFC 5321, 4.2.1: 5yz; 3.3: of RCPT).
     * What it says before is about us – our name, our password, our sender – and every letter would go with it.
     */
    public static function nobodyThere(TransportExceptionInterface $failure): bool
    {
        $code = $failure->getCode();
        preg_match_all('/^(?:\[[^\]]*\] )?> (.*)$/m', $failure->getDebug(), $sent);

        return $code >= 500 && $code < 600 && str_starts_with((string) end($sent[1]), 'RCPT TO');
    }

    /** In its own words and in one line. @param  int  $most  characters */
    public static function of(\Throwable $failure, int $most = 290): string
    {
        $said = preg_replace(self::FRAME, '$1', $failure->getMessage());

        return mb_strimwidth(trim((string) preg_replace('/\s+/', ' ', (string) $said)), 0, $most, '…');
    }
}
