<?php

declare(strict_types=1);

namespace App\Framework;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as a PDF on A4. Nothing is fetched: fonts come with the application, pictures are in the page. */
final class Printed
{
    /** @param  array<string, mixed>  $data */
    public static function pdf(string $view, array $data): string
    {
        $cache = storage_path('framework/cache');
        $pdf = new Dompdf(new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'fontDir' => $cache, 'fontCache' => $cache, 'tempDir' => sys_get_temp_dir(), 'chroot' => base_path('public')]));
        $pdf->setPaper('A4');
        $pdf->loadHtml(view($view, $data)->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
