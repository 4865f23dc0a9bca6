<?php

declare(strict_types=1);

namespace App\Framework;

use Symfony\Component\Process\Process;

/** A QR code (ISO/IEC 18004) of an address, drawn by Debian's qrencode. */
final class QrCode
{
    public static function svg(string $address): string
    {
        return self::drawn('SVG', $address);
    }

    /** The same as one line, for paper: of squares, each has to be laid out. */
    public static function line(string $address): string
    {
        return self::drawn('SVG', $address, '--svg-path');
    }

    public static function png(string $address): string
    {
        return self::drawn('PNG', $address, '--size=12');
    }

    private static function drawn(string $type, string $address, string ...$more): string
    {
        // Level M: a quarter-page print survives a crease.
        $process = new Process(['qrencode', "--type=$type", '--level=M', '--margin=4', '--output=-', ...$more], input: $address, timeout: 10);

        return $process->mustRun()->getOutput();
    }
}
