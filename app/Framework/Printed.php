<?php

declare(strict_types=1);

namespace App\Framework;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\Process\Process;

/** A page of HTML as a PDF, on the paper that the country uses. Nothing is fetched: fonts come with the application, pictures are in the page. */
final class Printed
{
    /** Where printers hold US letter (Unicode CLDR, supplemental data, paperSize); A4 everywhere else. */
    private const LETTER = ['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE'];

    /** Pages that are laid out together. */
    private const AT_ONCE = 40;

    /**
     * @param  array<string, mixed>  $data
     * @param  string  $country  ISO 3166-1
     */
    public static function pdf(string $view, array $data, string $country): string
    {
        return self::laidOut($view, $data, $country);
    }

    /**
     * The same of many pages, which are laid out some at a time: whoever lays out all at once needs memory for all.
     *
     * @param  list<mixed>  $pages  each as the view has it in its $pages
     * @param  array<string, mixed>  $data
     */
    public static function pages(string $view, array $pages, array $data, string $country): string
    {
        $parts = array_chunk($pages, self::AT_ONCE);
        if (count($parts) < 2) {
            return self::laidOut($view, ['pages' => $pages] + $data, $country);
        }
        // A whole school's plans take half a minute, where requests have an end.
        if (PHP_SAPI !== 'cli') {
            set_time_limit(180);
        }
        $files = [];
        try {
            foreach ($parts as $part) {
                $files[] = $file = (string) tempnam(sys_get_temp_dir(), 'recess');
                file_put_contents($file, self::laidOut($view, ['pages' => $part] + $data, $country));
            }
            $files[] = $whole = (string) tempnam(sys_get_temp_dir(), 'recess');
            (new Process(['pdfunite', ...$files], timeout: 60))->mustRun();

            return (string) file_get_contents($whole);
        } finally {
            array_map(unlink(...), $files);
        }
    }

    /**
     * Without little pictures among letters: what lays paper out knows characters up to U+FFFF, and would print two boxes
     * for each. Names and words are whole without them.
     */
    private static function printable(string $html): string
    {
        return preg_replace('/ ?[\x{1F000}-\x{1FAFF}][\x{FE0F}\x{200D}\x{1F000}-\x{1FAFF}]*/u', '', $html) ?? $html;
    }

    /** @param  array<string, mixed>  $data */
    private static function laidOut(string $view, array $data, string $country): string
    {
        $cache = storage_path('framework/cache');
        $pdf = new Dompdf(
            new Options([
                'defaultFont' => 'DejaVu Sans',
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'isJavascriptEnabled' => false,
                'fontDir' => $cache,
                'fontCache' => $cache,
                'tempDir' => sys_get_temp_dir(),
                'chroot' => base_path('public'),
            ]),
        );
        $pdf->setPaper(in_array(strtoupper($country), self::LETTER, true) ? 'letter' : 'A4');
        $pdf->loadHtml(self::printable(view($view, $data)->render()), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
