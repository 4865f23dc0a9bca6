<?php

declare(strict_types=1);

namespace App\Framework;

/** What came of each thing that is done at night, as bin/recess night wrote it down: what, when, well or wrong, and why. */
final class Night
{
    /**
     * For monitoring. Of what has never been done there is nothing.
     *
     * @param  int  $now  seconds since the epoch
     * @return array<string, array{string, int}>
     */
    public static function figures(int $now): array
    {
        $figures = [];
        foreach (@file(dirname(storage_path()) . '/night', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (preg_match('/^([a-z]+) (\d+) (well|wrong)\b/', $line, $said) === 1) {
                $figures["recess_night_{$said[1]}_well"] = [
                    "Whether the last $said[1] of a night went well",
                    (int) ($said[3] === 'well'),
                ];
                $figures["recess_night_{$said[1]}_seconds"] = [
                    "Since the last $said[1] of a night",
                    max(0, $now - (int) $said[2]),
                ];
            }
        }

        return $figures;
    }
}
