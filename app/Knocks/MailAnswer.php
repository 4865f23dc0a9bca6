<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Secret;
use App\Models\StaffMember;

/**
 * A button in a letter to a host: what it says, to which knock, for whom. Its address is signed, nobody makes one up; and it
 * is good for the knock as it was when the letter was written, so once anything has happened to it, it does nothing more.
 */
final readonly class MailAnswer
{
    private function __construct(
        public Knock $knock,
        public StaffMember $host,
        public string $answer,
        public ?KnockChoice $choice,
    ) {}

    public static function link(Knock $knock, StaffMember $host, string $answer, ?KnockChoice $choice = null): string
    {
        $what = implode('.', [$knock->id, $host->id, $answer, $choice->id ?? 0, $knock->sequence]);

        return url("/knock/$what." . Secret::of("knock|$what"));
    }

    /** Null where nobody wrote that address, or it is good for nothing any more. */
    public static function read(string $token): ?self
    {
        if (
            preg_match(
                '/^(\d{1,19})\.(\d{1,19})\.(accept|maybe|decline)\.(\d{1,19})\.(\d{1,9})\.([\w-]{43})$/D',
                $token,
                $part,
            ) !== 1 ||
            !Secret::matches("knock|$part[1].$part[2].$part[3].$part[4].$part[5]", $part[6])
        ) {
            return null;
        }
        $knock = Knock::query()->with(Knock::PARTS)->find((int) $part[1]);
        $host = $knock?->hosts->firstWhere('staff_id', (int) $part[2]);
        $choice = $knock?->choices->firstWhere('id', (int) $part[4]);
        if (
            $knock === null ||
            $host === null ||
            $knock->sequence !== (int) $part[5] ||
            !$knock->state->waitsForHost() ||
            ($part[3] !== 'decline' && $choice === null)
        ) {
            return null;
        }

        return new self($knock, $host->host, $part[3], $choice);
    }
}
