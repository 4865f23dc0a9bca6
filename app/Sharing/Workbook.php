<?php

declare(strict_types=1);

namespace App\Sharing;

use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/**
 * A table as an Office Open XML workbook (ECMA-376): dates and times are such, everything else is plain text. The registry has no writer for this
 * version of PHP; see docs/decisions/0006-small-writers.md.
 */
final class Workbook
{
    /** @param  iterable<list<string|LocalDate|LocalTime>>  $rows */
    public static function write(iterable $rows): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'recess');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach (self::parts() + ['xl/worksheets/sheet1.xml' => self::sheet($rows)] as $name => $xml) {
            $zip->addFromString($name, '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>' . $xml);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /** @param  iterable<list<string|LocalDate|LocalTime>>  $rows */
    private static function sheet(iterable $rows): string
    {
        $xml = '';
        foreach ($rows as $row) {
            $xml .= '<row>' . implode('', array_map(self::cell(...), $row)) . '</row>';
        }

        return '<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>' .
            $xml .
            '</sheetData></worksheet>';
    }

    private static function cell(string|LocalDate|LocalTime $value): string
    {
        return match (true) {
            // Day 1 is 1 January 1900, in a calendar that has a 29 February in that year (ECMA-376 part 1, 18.17.4.1).
            $value instanceof LocalDate => '<c s="1"><v>' . ($value->day + 25_569) . '</v></c>',
            $value instanceof LocalTime => '<c s="2"><v>' . round($value->minute / 1440, 10) . '</v></c>',
            // Cells of inline text are never formulas, whatever they begin with.
            default => '<c t="inlineStr"><is><t xml:space="preserve">' . self::escaped($value) . '</t></is></c>',
        };
    }

    /** XML 1.0 knows no control characters but tab and line ends. */
    private static function escaped(string $value): string
    {
        return htmlspecialchars(
            (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', mb_scrub($value)),
            ENT_XML1 | ENT_QUOTES,
        );
    }

    /** @return array<string, string> */
    private static function parts(): array
    {
        $package = 'http://schemas.openxmlformats.org/package/2006';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $types = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

        return [
            '[Content_Types].xml' => "<Types xmlns=\"$package/content-types\"><Default Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/><Default Extension=\"xml\" ContentType=\"application/xml\"/><Override PartName=\"/xl/workbook.xml\" ContentType=\"$types.sheet.main+xml\"/><Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"$types.worksheet+xml\"/><Override PartName=\"/xl/styles.xml\" ContentType=\"$types.styles+xml\"/></Types>",
            '_rels/.rels' => "<Relationships xmlns=\"$package/relationships\"><Relationship Id=\"rId1\" Type=\"$office/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>",
            'xl/workbook.xml' => "<workbook xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" xmlns:r=\"$office\"><sheets><sheet name=\"Bookings\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>",
            'xl/_rels/workbook.xml.rels' => "<Relationships xmlns=\"$package/relationships\"><Relationship Id=\"rId1\" Type=\"$office/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"rId2\" Type=\"$office/styles\" Target=\"styles.xml\"/></Relationships>",
            // Cell formats: plain, a date, a time of day.
            'xl/styles.xml' =>
                '<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><numFmts count="2"><numFmt numFmtId="164" formatCode="yyyy\-mm\-dd"/><numFmt numFmtId="165" formatCode="hh:mm"/></numFmts><fonts count="1"><font/></fonts><fills count="1"><fill/></fills><borders count="1"><border/></borders><cellStyleXfs count="1"><xf/></cellStyleXfs><cellXfs count="3"><xf/><xf numFmtId="164" applyNumberFormat="1"/><xf numFmtId="165" applyNumberFormat="1"/></cellXfs></styleSheet>',
        ];
    }
}
