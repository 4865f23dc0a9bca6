<?php

declare(strict_types=1);

namespace App\Registry;

/**
 * The name of a host as it is compared: however somebody typed it, or a browser sent it (RFC 9110, 7.2; RFC 1034, 3.1 for
 * capitals and the dot at the end; UTS 46 for names beyond ASCII).
 */
final class HostName
{
    /** @return string|null null where it is no name of a host */
    public static function of(string $said): ?string
    {
        $name = (string) preg_replace('/\.?(?::\d{1,5})?$/D', '', trim($said), 1);
        if (preg_match('/[^\x21-\x7e]/', $name) === 1) {
            $name = (string) idn_to_ascii($name, IDNA_NONTRANSITIONAL_TO_ASCII, INTL_IDNA_VARIANT_UTS46);
        }
        $name = strtolower($name);
        $label = '[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?';

        return strlen($name) <= 253 && preg_match("/^$label(?:\\.$label)*$/D", $name) === 1 ? $name : null;
    }
}
