<?php

declare(strict_types=1);

namespace Scrivlet\Core\Phrasebook;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page as PDF: A4, numbered, with fonts that come with the library; nothing is fetched from anywhere. */
final class PhrasebookPdf
{
    /** @param string $html of `PhrasebookHtml` */
    public static function of(string $html): string
    {
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'tempDir' => sys_get_temp_dir(), 'isFontSubsettingEnabled' => true]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $font = $pdf->getFontMetrics()->getFont('DejaVu Sans') ?? '';
        $canvas->page_text($canvas->get_width() - 75, $canvas->get_height() - 30, '{PAGE_NUM} / {PAGE_COUNT}', $font, 7);

        return $pdf->output() ?? '';
    }
}
