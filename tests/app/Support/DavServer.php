<?php

declare(strict_types=1);

namespace Tests\App\Support;

use Symfony\Component\Process\Process;

/** A calendar server out of Debian, on loopback, with one person on it: Wren, and a program of hers that we did not write. */
final class DavServer
{
    public const NAME = 'wren';

    public const PASSWORD = 'herring-gull';

    private readonly Process $process;

    private readonly string $folder;

    public readonly string $origin;

    /** @param  string  $kind  radicale or xandikos */
    public function __construct(string $kind)
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert($socket !== false);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $this->folder = sys_get_temp_dir() . '/dav' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->origin = "http://127.0.0.1:$port";
        file_put_contents("$this->folder/people", self::NAME . ':' . self::PASSWORD . "\n");
        file_put_contents(
            "$this->folder/config",
            "[server]\nhosts = 127.0.0.1:$port\n[auth]\ntype = htpasswd\nhtpasswd_filename = $this->folder/people\n" .
                "htpasswd_encryption = plain\ndelay = 0\n[storage]\nfilesystem_folder = $this->folder/kept\n",
        );
        $this->process = new Process(
            $kind === 'radicale'
                ? ['radicale', '--config', "$this->folder/config"]
                : ['xandikos', '-d', "$this->folder/kept", '--defaults', '-l', '127.0.0.1', '-p', (string) $port],
            env: ['HOME' => $this->folder],
        );
        $this->process->start();
        for ($wait = 0; $wait < 200 && @fsockopen('127.0.0.1', $port) === false; $wait++) {
            usleep(50_000);
        }
    }

    public function stop(): void
    {
        $this->process->stop(1);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** What her program does: make, add, all, write, take out. */
    public function program(string $what, string ...$more): string
    {
        $input = $what === 'add' ? array_pop($more) : null;
        $run = new Process(
            [
                '/usr/bin/python3',
                __DIR__ . '/caldav_client.py',
                "$this->origin/",
                self::NAME,
                self::PASSWORD,
                $what,
                ...$more,
            ],
            input: $input,
        );

        return $run->mustRun()->getOutput();
    }

    /** @return list<string> the entries of a calendar, with lines unfolded */
    public function entries(string $calendar): array
    {
        $all = (array) json_decode($this->program('all', $calendar), true, flags: JSON_THROW_ON_ERROR);

        return array_values(
            array_map(static fn(mixed $one): string => (string) preg_replace('/\r?\n[ \t]/', '', (string) $one), $all),
        );
    }

    public static function event(string $uid, string $title, string $from, string $until, string $more = ''): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Hers//Hers//EN\r\nBEGIN:VEVENT\r\nUID:$uid\r\nDTSTAMP:20261101T000000Z\r\n" .
            "SUMMARY:$title\r\nDTSTART:$from\r\nDTEND:$until\r\n{$more}END:VEVENT\r\nEND:VCALENDAR\r\n";
    }
}
