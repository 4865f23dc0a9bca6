<?php

declare(strict_types=1);

namespace App\Answers;

use App\Framework\RawMail;
use IMAP\Connection;

/**
 * Reads a mailbox over IMAP (RFC 3501), by the numbers that messages keep (UID, with UIDVALIDITY, 2.3.1.1). It is opened for
 * reading only: no message is marked, moved or deleted, so people can read it beside.
 */
final readonly class ImapMailbox implements Mailbox
{
    private const SECONDS = 20;

    /** Numbers looked at together: a mailbox may hold years. */
    private const WINDOW = 1_000;

    /** @param  string  $address  imaps://host, imap://host:143 with TLS begun on it, imap://127.0.0.1:1143 without */
    public function __construct(private string $address, private string $user, private string $password) {}

    public function name(): string
    {
        return "$this->address|$this->user";
    }

    public function after(string $mark, int $atMost): iterable
    {
        foreach ([IMAP_OPENTIMEOUT, IMAP_READTIMEOUT, IMAP_WRITETIMEOUT] as $timeout) {
            imap_timeout($timeout, self::SECONDS);
        }
        $box = @imap_open($this->mailbox(), $this->user, $this->password, OP_READONLY, 1, [
            'DISABLE_AUTHENTICATOR' => 'GSSAPI',
        ]);
        if ($box === false) {
            throw MailboxNotRead::because(implode(' ', imap_errors() ?: ['no answer']));
        }
        try {
            $status = imap_status($box, $this->mailbox(), SA_UIDVALIDITY | SA_UIDNEXT);
            [$validity, $next] = [(string) ($status->uidvalidity ?? '0'), (int) ($status->uidnext ?? 0)];
            [$was, $last] = explode('.', $mark, 2) + ['', '0'];
            // Another validity means other numbers: all of it is new (RFC 3501, 2.3.1.1), and what was answered before is known by its entry.
            $from = ($was === $validity ? (int) $last : 0) + 1;
            for ($read = 0; $from < $next && $read < $atMost; $from += self::WINDOW) {
                foreach ($this->within($box, $from, min($from + self::WINDOW, $next) - 1) as $one) {
                    if ($read++ === $atMost) {
                        return;
                    }
                    $at = "$validity.$one->uid";
                    yield $one->size > MailIn::MOST
                        ? MailIn::large(
                            $at,
                            (string) ($one->from ?? ''),
                            RawMail::decoded((string) ($one->subject ?? '')),
                        )
                        : MailIn::read($at, (string) imap_fetchbody($box, (int) $one->uid, '', FT_UID | FT_PEEK));
                }
            }
        } finally {
            imap_close($box);
            // What the library noted is of no use to anybody, and would be shown at the end.
            imap_errors();
            imap_alerts();
        }
    }

    /** @return list<\stdClass> the messages between two numbers, in order */
    private function within(Connection $box, int $first, int $last): array
    {
        $found = imap_fetch_overview($box, "$first:$last", FT_UID) ?: [];
        usort($found, static fn(\stdClass $a, \stdClass $b): int => $a->uid <=> $b->uid);

        return $found;
    }

    private function mailbox(): string
    {
        $parts = parse_url($this->address) ?: [];
        $scheme = $parts['scheme'] ?? '';
        $host = $parts['host'] ?? '';
        if (!in_array($scheme, ['imap', 'imaps'], true) || $host === '' || preg_match('/^[\w.:-]+$/D', $host) !== 1) {
            throw MailboxNotRead::because('RECESS_ANSWERS_MAILBOX is imaps://host, or imap://host:port.');
        }
        $port = $parts['port'] ?? ($scheme === 'imaps' ? 993 : 143);
        // A password goes over no network in the clear.
        $secure =
            $scheme === 'imaps' ? '/ssl' : (in_array($host, ['127.0.0.1', 'localhost'], true) ? '/notls' : '/tls');

        return "{{$host}:$port/imap$secure}INBOX";
    }
}
