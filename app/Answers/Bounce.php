<?php

declare(strict_types=1);

namespace App\Answers;

/** What a mail server reports of a letter that it could not deliver (RFC 3464: message/delivery-status). */
final readonly class Bounce
{
    private function __construct(
        /** Whom it did not reach, in lower case. */
        public string $email,
        /** What the server says, in its own words. */
        public string $why,
    ) {}

    /** The first reader whom it will never reach; null where it was only delayed, relayed or delivered (2.3.3). */
    public static function read(string $report): ?self
    {
        // Groups of fields with an empty line between, one for each recipient after that of the message (2.1); long ones are folded.
        $unfolded = (string) preg_replace('/\r?\n[ \t]+/', ' ', $report);
        foreach (preg_split('/(?:\r?\n){2,}/', trim($unfolded)) ?: [] as $group) {
            preg_match_all('/^([A-Za-z-]+):[ \t]*(.*?)[ \t\r]*$/m', $group, $found, PREG_SET_ORDER);
            $fields = [];
            foreach ($found as [, $name, $value]) {
                $fields[strtolower($name)] ??= $value;
            }
            // The address as we wrote it stands first, where a server tells it from where the letter went on to.
            [$kind, $address] = explode(';', $fields['original-recipient'] ?? ($fields['final-recipient'] ?? ''), 2) + [
                '',
                '',
            ];
            if (strtolower($fields['action'] ?? '') === 'failed' && strtolower(trim($kind)) === 'rfc822') {
                $said = explode(';', $fields['diagnostic-code'] ?? '', 2);

                return new self(
                    mb_strtolower(trim($address, " \t<>")),
                    mb_strimwidth(mb_scrub(trim($said[1] ?? '') ?: $fields['status'] ?? ''), 0, 280, '…'),
                );
            }
        }

        return null;
    }
}
