<?php

declare(strict_types=1);

namespace App\Framework;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\Process\Process;

/**
 * A page of HTML as a PDF, on the paper that the country uses. Nothing is fetched: fonts come with the application,
 * pictures are in the page.
 *
 * What lays it out joins no Arabic letters, and its font has no Chinese ones. A paper with such letters comes as the page that it
 * is, for the browser to print, which can do both.
 */
final class Printed
{
    /** Where printers hold US letter (Unicode CLDR, supplemental data, paperSize); A4 everywhere else. */
    private const LETTER = ['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE'];

    /** Letters that paper cannot be laid out with: Hebrew, Arabic, the scripts of India and beyond, and of East Asia. */
    private const BEYOND =
        '/[\x{0590}-\x{08FF}\x{0900}-\x{109F}\x{1100}-\x{11FF}\x{1780}-\x{18AF}' .
        '\x{2E80}-\x{D7FF}\x{F900}-\x{FAFF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFE}]/u';

    /** Pages that are laid out together. */
    private const AT_ONCE = 40;

    /**
     * @param  array<string, mixed>  $data
     * @param  string  $country  ISO 3166-1
     */
    public static function pdf(string $view, array $data, string $country): string
    {
        $page = view($view, $data)->render();

        return self::isBeyond($page) ? $page : self::laidOut($page, $country);
    }

    /**
     * The same of many pages, which are laid out some at a time: whoever lays out all at once needs memory for all.
     *
     * @param  list<mixed>  $pages  each as the view has it in its $pages
     * @param  array<string, mixed>  $data
     */
    public static function pages(string $view, array $pages, array $data, string $country): string
    {
        if (count($pages) <= self::AT_ONCE) {
            return self::pdf($view, ['pages' => $pages] + $data, $country);
        }
        $render = static fn(array $some): string => view($view, ['pages' => $some] + $data)->render();
        $parts = array_map($render, array_chunk($pages, self::AT_ONCE));
        if (self::isBeyond(implode($parts))) {
            return $render($pages);
        }
        // A whole school's plans take half a minute, where requests have an end.
        if (PHP_SAPI !== 'cli') {
            set_time_limit(180);
        }

        return self::united($parts, $country);
    }

    /**
     * The same paper once in each language.
     *
     * @param  non-empty-list<Reading>  $readings
     * @param  \Closure(): array<string, mixed>  $data  as whoever reads it then is told
     */
    public static function inEach(array $readings, string $view, \Closure $data, string $country): string
    {
        $pages = array_map(
            static fn(Reading $one): string => $one->hears(static fn(): string => view($view, $data())->render()),
            $readings,
        );
        if (!self::isBeyond(implode($pages))) {
            return self::united($pages, $country);
        }
        if (count($pages) === 1) {
            return $pages[0];
        }
        $body = static fn(string $page, Reading $one): string => sprintf(
            '<div %s class="part">%s</div>',
            Languages::attributes($one),
            preg_replace('#^.*<body>|</body>.*$#s', '', $page),
        );

        return preg_replace('#<body>.*</body>#s', '<body>', $pages[0]) .
            implode(array_map($body, $pages, $readings)) .
            '</body></html>';
    }

    /**
     * One paper of several.
     *
     * @param  non-empty-list<string>  $pages  documents
     */
    private static function united(array $pages, string $country): string
    {
        if (count($pages) === 1) {
            return self::laidOut($pages[0], $country);
        }
        $files = [];
        try {
            foreach ($pages as $page) {
                $files[] = $file = (string) tempnam(sys_get_temp_dir(), 'recess');
                file_put_contents($file, self::laidOut($page, $country));
            }
            $files[] = $whole = (string) tempnam(sys_get_temp_dir(), 'recess');
            (new Process(['pdfunite', ...$files], timeout: 60))->mustRun();

            return (string) file_get_contents($whole);
        } finally {
            array_map(unlink(...), $files);
        }
    }

    private static function isBeyond(string $html): bool
    {
        return preg_match(self::BEYOND, $html) === 1;
    }

    /**
     * Without little pictures among letters: what lays paper out knows characters up to U+FFFF, and would print two boxes
     * for each. Names and words are whole without them.
     */
    private static function printable(string $html): string
    {
        return preg_replace('/ ?[\x{1F000}-\x{1FAFF}][\x{FE0F}\x{200D}\x{1F000}-\x{1FAFF}]*/u', '', $html) ?? $html;
    }

    private static function laidOut(string $html, string $country): string
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
        $pdf->loadHtml(self::printable($html), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
