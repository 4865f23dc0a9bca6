<?php

declare(strict_types=1);

namespace App\Live;

/**
 * The web server holds the readers' connections (nchan, ops/templates/nginx.conf) and takes stamps on a socket of this
 * machine. Where there are several, each is told by a process of its own beside it (Tellers).
 */
final class NginxStamps implements Stamps
{
    /** An address of 43 letters for each, within what a request line may have. */
    private const AT_ONCE = 100;

    private ?\CurlHandle $line = null;

    /** @param  non-empty-string  $socket  its path */
    public function __construct(private readonly string $socket) {}

    public function publish(array $channels): void
    {
        foreach (array_chunk($channels, self::AT_ONCE) as $some) {
            $line = $this->line();
            // Something that was not said before; what changed is asked through the door.
            curl_setopt_array($line, [
                CURLOPT_URL => 'http://stamps/stamp/' . implode(',', $some),
                CURLOPT_POSTFIELDS => bin2hex(random_bytes(4)),
            ]);
            curl_exec($line);
            $status = curl_getinfo($line, CURLINFO_RESPONSE_CODE);
            if ($status < 200 || $status >= 300) {
                $this->line = null;
                throw new StampsNotSent("The web server answered $status to a stamp. " . curl_error($line));
            }
        }
    }

    private function line(): \CurlHandle
    {
        if ($this->line === null) {
            $this->line = curl_init();
            curl_setopt_array($this->line, [
                CURLOPT_UNIX_SOCKET_PATH => $this->socket,
                CURLOPT_POST => true,
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 5,
                CURLOPT_HTTPHEADER => ['Content-Type: text/plain'],
            ]);
        }

        return $this->line;
    }
}
