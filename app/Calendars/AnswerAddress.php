<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Secret;

/**
 * Where calendar programs send what their owner says to an entry: the school's mailbox, where one is read. With {key} in it
 * the address is another one for each entry and reader, which nobody else knows: a forged sender alone answers nothing.
 */
final class AnswerAddress
{
    /** Whether a mailbox is read for them. */
    public static function isRead(): bool
    {
        return self::of('', '') !== null;
    }

    /**
     * Null where no mailbox is read: then answers go to the other side, by ordinary mail.
     *
     * @param  int  $generation  of the reader's pass: whoever has a new address made for it has new keys, too
     */
    public static function of(string $uid, string $reader, int $generation = 1): ?string
    {
        $address = config('recess.answers.address');

        return is_string($address) && $address !== ''
            ? str_replace('{key}', self::key($uid, $reader, $generation), $address)
            : null;
    }

    /**
     * Whether one of the addresses that a message went to is the one of that entry and reader.
     *
     * @param  list<string>  $sentTo
     */
    public static function isAmong(array $sentTo, string $uid, string $reader, int $generation = 1): bool
    {
        return in_array(
            mb_strtolower((string) self::of($uid, $reader, $generation)),
            array_map(mb_strtolower(...), $sentTo),
            true,
        );
    }

    /** Lower-case letters and digits only: mail servers may not keep others apart. */
    private static function key(string $uid, string $reader, int $generation): string
    {
        $of = "answer|$uid|" . mb_strtolower($reader) . ($generation === 1 ? '' : "|$generation");

        return substr(hash('sha256', Secret::of($of)), 0, 24);
    }
}
