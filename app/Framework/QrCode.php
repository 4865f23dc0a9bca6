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

    /** For a picture on paper, as large as its box: a phone reads 25 mm from a hand's distance (common practice, no published source). */
    public static function onPaper(string $address): string
    {
        return 'data:image/svg+xml;base64,' . base64_encode(self::shape($address));
    }

    /** The same as one shape: of squares, whoever lays it out has hundreds, and draws those of a group too small. */
    private static function shape(string $address): string
    {
        // Without its frame: rows of signs, two for each square.
        $rows = array_map(
            static fn(string $row): string => (string) preg_replace('/(.)./', '$1', $row),
            explode("\n", trim(self::drawn('ASCII', $address), "\n")),
        );
        $path = '';
        foreach ($rows as $y => $row) {
            preg_match_all('/#+/', $row, $runs, PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $x]) {
                $length = strlen($run);
                $path .= "M$x {$y}h{$length}v1h-{$length}z";
            }
        }
        $size = count($rows);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"$size\" height=\"$size\" viewBox=\"0 0 $size $size\"><path d=\"$path\" fill=\"#000\"/></svg>";
    }

    public static function png(string $address): string
    {
        return self::drawn('PNG', $address, '--size=12');
    }

    private static function drawn(string $type, string $address, string ...$more): string
    {
        // Level M: a quarter-page print survives a crease.
        $process = new Process(
            ['qrencode', "--type=$type", '--level=M', '--margin=4', '--output=-', ...$more],
            input: $address,
            timeout: 10,
        );

        return $process->mustRun()->getOutput();
    }
}
