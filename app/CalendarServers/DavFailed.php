<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\FeedFailed;
use App\Framework\Said;

/** A calendar server that does not do what it was asked, and what to do about it; said to whoever reads it then. */
final class DavFailed extends \RuntimeException
{
    /** Whether only its owner can mend it: to try again at once would lock them out of their own calendar. */
    public readonly bool $isForOwner;

    public function __construct(public readonly Said $said, public readonly int $status = 0, ?bool $isForOwner = null)
    {
        parent::__construct($said->key);
        $this->isForOwner = $isForOwner ?? in_array($status, [401, 403], true);
    }

    /** Whether the server says it of what was asked for, and not of all that it has. */
    public function isOfOne(): bool
    {
        return $this->status >= 400 && $this->status !== 401 && $this->status < 500;
    }

    public function isGone(): bool
    {
        return in_array($this->status, [404, 410], true);
    }

    public static function answered(int $status): self
    {
        return new self(
            match (true) {
                $status === 401 => new Said('servers.wrong_password'),
                $status === 403 => new Said('servers.not_let'),
                in_array($status, [404, 405, 410, 501], true) => new Said('servers.no_calendars'),
                $status === 413, $status === 507 => new Said('servers.full'),
                default => new Said('servers.error', ['status' => (string) $status]),
            },
            $status,
        );
    }

    /** To look at it took more than one may take: a program was ended at it. */
    public static function tooMuch(): self
    {
        return new self(new Said('running.calendar_too_much'), isForOwner: true);
    }

    public static function leadsElsewhere(string $host): self
    {
        return new self(new Said('servers.elsewhere', ['host' => mb_strimwidth($host, 0, 120, '…')]));
    }

    public static function because(FeedFailed $failure): self
    {
        return new self($failure->said);
    }

    public static function notUnderstood(): self
    {
        return new self(new Said('servers.not_understood'));
    }
}
