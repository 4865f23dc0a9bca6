<?php

declare(strict_types=1);

namespace App\Framework;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as a PDF, on the paper that the country uses. Nothing is fetched: fonts come with the application, pictures are in the page. */
final class Printed
{
    /** Where printers hold US letter (Unicode CLDR, supplemental data, paperSize); A4 everywhere else. */
    private const LETTER = ['BZ', 'CA', 'CL', 'CO', 'CR', 'GT', 'MX', 'NI', 'PA', 'PH', 'PR', 'SV', 'US', 'VE'];

    /**
     * @param  array<string, mixed>  $data
     * @param  string  $country  ISO 3166-1
     */
    public static function pdf(string $view, array $data, string $country): string
    {
        $cache = storage_path('framework/cache');
        $pdf = new Dompdf(new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'fontDir' => $cache, 'fontCache' => $cache, 'tempDir' => sys_get_temp_dir(), 'chroot' => base_path('public')]));
        $pdf->setPaper(in_array(strtoupper($country), self::LETTER, true) ? 'letter' : 'A4');
        $pdf->loadHtml(view($view, $data)->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
