<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Models\Sheet;
use App\Writing\SheetFormData;

/** A sheet as a JSON file that can be kept, passed on and read in again: docs/formats/sheet.schema.json. */
final class SheetFile
{
    public const FORMAT = 'recess-sheet';

    public const VERSION = 1;

    public static function write(Sheet $sheet): string
    {
        $form = SheetFormData::of($sheet);
        unset($form['version'], $form['hosts']);
        // Numbers of this installation mean nothing elsewhere.
        $form['audience'] = ['kind' => $sheet->audience->value, 'classes' => [], 'students' => []];
        $form['places'] = array_map(
            static fn(array $place): array => array_diff_key($place, ['id' => true]),
            $form['places'],
        );

        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'zone' => $sheet->host->school->zone] + $form,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /**
     * @return array<mixed> as SheetForm, to be read by the worksheet like anything typed
     *
     * @throws SheetFileNotReadable
     */
    public static function read(string $text): array
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new SheetFileNotReadable('This file is not UTF-8 text. Export it anew, or save it as UTF-8.');
        }
        $file = json_decode(ltrim($text, "\u{FEFF}"), true, 32);
        if (!is_array($file) || ($file['format'] ?? null) !== self::FORMAT) {
            throw new SheetFileNotReadable(
                'This is not a sheet that Recess has written: it has no "format": "recess-sheet".',
            );
        }
        if (($file['version'] ?? null) !== self::VERSION) {
            throw new SheetFileNotReadable(
                'This file was written by another version of Recess and cannot be read here.',
            );
        }

        return ['hosts' => []] + array_diff_key($file, ['format' => true, 'version' => true, 'zone' => true]);
    }
}
