<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Framework\Words;
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
            throw new SheetFileNotReadable(Words::say('sheets.file_not_text'));
        }
        $file = json_decode(ltrim($text, "\u{FEFF}"), true, 32);
        if (!is_array($file) || ($file['format'] ?? null) !== self::FORMAT) {
            throw new SheetFileNotReadable(Words::say('sheets.file_not_ours', ['format' => self::FORMAT]));
        }
        if (($file['version'] ?? null) !== self::VERSION) {
            throw new SheetFileNotReadable(Words::say('sheets.file_other_version'));
        }

        return ['hosts' => []] + array_diff_key($file, ['format' => true, 'version' => true, 'zone' => true]);
    }
}
