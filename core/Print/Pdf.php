<?php

declare(strict_types=1);

namespace Scrivlet\Core\Print;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as PDF, with fonts that come with the library; nothing is fetched from anywhere. */
final class Pdf
{
    /**
     * @param string $html           a whole page
     * @param bool   $isLandscape    A4, the long side at the foot
     * @param bool   $hasPageNumbers at the foot of each page
     */
    public static function of(string $html, bool $isLandscape = false, bool $hasPageNumbers = true): string
    {
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'tempDir' => sys_get_temp_dir(), 'isFontSubsettingEnabled' => true]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4', $isLandscape ? 'landscape' : 'portrait');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        if ($hasPageNumbers) {
            $canvas = $pdf->getCanvas();
            $font = $pdf->getFontMetrics()->getFont('DejaVu Sans') ?? '';
            $canvas->page_text($canvas->get_width() - 75, $canvas->get_height() - 30, '{PAGE_NUM} / {PAGE_COUNT}', $font, 7);
        }

        return $pdf->output() ?? '';
    }
}
