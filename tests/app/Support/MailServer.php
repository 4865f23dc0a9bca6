<?php

declare(strict_types=1);

namespace Tests\App\Support;

use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Transport\Smtp\EsmtpTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\RawMessage;
use Symfony\Component\Process\Process;

/** A mail server of one's own on loopback: aiosmtpd takes messages in, Dovecot serves the mailbox over IMAP. Nothing of it is ours. */
final class MailServer
{
    public const PASSWORD = 'low-tide-and-bell';

    /** It asks for its own full name at each connection, which on a machine without names takes seconds. */
    private const SMTP = 'import socket, sys; socket.getfqdn = lambda *of: "mail.school.example"; from aiosmtpd.main import main; main(sys.argv[1:])';

    private readonly string $folder;

    private readonly Process $smtp;

    private readonly Process $imap;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir() . '/recess-mail-' . bin2hex(random_bytes(6));
        mkdir("$this->folder/run", 0755, true);
        [$in, $out] = [self::port(), self::port()];
        $this->smtp = new Process(
            [
                '/usr/bin/python3',
                '-c',
                self::SMTP,
                '-n',
                '-s',
                '10000000',
                '-l',
                "127.0.0.1:$in",
                '-c',
                'aiosmtpd.handlers.Mailbox',
                "$this->folder/Maildir",
            ],
            timeout: 120,
        );
        $this->smtp->start();
        self::opens($in, $this->smtp);
        file_put_contents("$this->folder/dovecot.conf", $this->conf($out));
        $this->imap = new Process(['/usr/sbin/dovecot', '-F', '-c', "$this->folder/dovecot.conf"], timeout: 120);
        $this->imap->start();
        self::opens($out, $this->imap);
        [$this->in, $this->out] = [$in, $out];
    }

    private readonly int $in;

    private readonly int $out;

    /** @return array<string, string> as in config/recess.php */
    public function settings(): array
    {
        return [
            'address' => 'answers+{key}@school.example',
            'mailbox' => "imap://127.0.0.1:$this->out",
            'user' => 'answers',
            'password' => self::PASSWORD,
        ];
    }

    public function empty(): void
    {
        array_map(unlink(...), glob("$this->folder/Maildir/{new,cur}/*", GLOB_BRACE) ?: []);
    }

    /** Over SMTP, as the mail server of whoever answers would. */
    public function take(string $from, string $to, string $raw): void
    {
        (new EsmtpTransport('127.0.0.1', $this->in, false))->send(
            new RawMessage((string) preg_replace('/\r?\n/', "\r\n", $raw)),
            new Envelope(new Address($from), [new Address($to)]),
        );
    }

    /** The flags of all messages: nothing of ours marks one. */
    public function flags(): string
    {
        return implode(
            '',
            array_map(
                static fn(string $file): string => explode(':2,', $file)[1] ?? '',
                array_map(basename(...), glob("$this->folder/Maildir/{new,cur}/*", GLOB_BRACE) ?: []),
            ),
        );
    }

    public function stop(): void
    {
        $this->smtp->stop(1);
        $this->imap->stop(3);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    private function conf(int $port): string
    {
        $root = posix_getuid() === 0;
        $whose = $root ? 'uid=65534 gid=65534' : 'uid=' . posix_getuid() . ' gid=' . posix_getgid();
        $name = posix_getpwuid(posix_getuid())['name'] ?? 'nobody';
        // As root it has users of its own; otherwise there is nobody else to be.
        $users = $root
            ? ''
            : "default_internal_user = $name\ndefault_login_user = $name\ndefault_internal_group = " .
                (posix_getgrgid(posix_getgid())['name'] ?? $name) .
                "\n";
        $root && (new Process(['chown', '-R', '65534:65534', "$this->folder/Maildir"]))->run();
        $password = self::PASSWORD;

        return <<<CONF
        protocols = imap
        base_dir = $this->folder/run
        state_dir = $this->folder/run
        listen = 127.0.0.1
        log_path = $this->folder/dovecot.log
        ssl = no
        disable_plaintext_auth = no
        mail_location = maildir:$this->folder/Maildir
        first_valid_uid = 1
        first_valid_gid = 1
        {$users}service imap-login {
          chroot =
          inet_listener imap {
            port = $port
          }
          inet_listener imaps {
            port = 0
          }
        }
        service anvil {
          chroot =
        }
        service stats {
          chroot =
        }
        passdb {
          driver = static
          args = password=$password
        }
        userdb {
          driver = static
          args = $whose home=$this->folder
        }

        CONF;
    }

    private static function port(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private static function opens(int $port, Process $server): void
    {
        for ($wait = 0; $wait < 200; $wait++) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $said, 1);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('It never opened: ' . $server->getErrorOutput());
    }
}
