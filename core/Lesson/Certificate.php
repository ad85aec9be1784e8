<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Words\Words;

/** What somebody has done, to be hung on a wall: drawn as SVG, and the same drawing on a page to be printed. */
final readonly class Certificate
{
    private const WIDTH = 1123;
    private const HEIGHT = 794;
    private const INK = '#22304f';
    private const GREEN = '#1d6b56';
    private const SOFT = '#59637d';
    /** Letters of a name above which it is written smaller. */
    private const LONG = 26;

    /**
     * @param string $name  as it was given
     * @param int    $rungs that were passed
     */
    public function __construct(public string $name, public string $course, public Language $language, public int $rungs, public \DateTimeImmutable $date, public string $locale)
    {
    }

    /** @return list<array{says: string, y: int, size: int, family: string, style: string, colour: string}> the lines, from the top; y and size in the drawing's own units */
    private function lines(): array
    {
        $words = Words::in($this->locale);
        $line = static fn (string $says, int $y, int $size, string $family = 'serif', string $style = '', string $colour = self::INK): array => ['says' => $says, 'y' => $y, 'size' => $size, 'family' => $family, 'style' => $style, 'colour' => $colour];
        $name = '' === trim($this->name) ? $words->say('certificate.nameless') : $this->name;

        return [
            $line($words->say('certificate'), 176, 30, style: 'italic', colour: self::SOFT),
            $line($name, 268, mb_strlen($name) > self::LONG ? (int) (64 * self::LONG / mb_strlen($name)) + 6 : 64),
            $line($words->say('certificate.has', ['course' => $this->course]), 346, 25, 'sans'),
            $line($this->language->title(), 420, 44, style: 'italic', colour: self::GREEN),
            $line($words->say('certificate.rungs', ['count' => $this->rungs]), 474, 24, 'sans'),
            $line(self::day($this->date, $this->locale), 604, 22, 'sans', '', self::SOFT),
        ];
    }

    private static function day(\DateTimeImmutable $date, string $locale): string
    {
        return (string) \IntlDateFormatter::create($locale, \IntlDateFormatter::LONG, \IntlDateFormatter::NONE)?->format($date);
    }

    public function svg(): string
    {
        $fonts = ['serif' => 'Literata Variable, Literata, Georgia, serif', 'sans' => 'Atkinson Hyperlegible Next Variable, Atkinson Hyperlegible Next, sans-serif'];
        $texts = '';
        foreach ($this->lines() as $line) {
            $style = '' === $line['style'] ? '' : " font-style=\"{$line['style']}\"";
            $texts .= '<text x="'.intdiv(self::WIDTH, 2)."\" y=\"{$line['y']}\" text-anchor=\"middle\" font-family=\"{$fonts[$line['family']]}\" font-size=\"{$line['size']}\" fill=\"{$line['colour']}\"$style>".self::safe($line['says']).'</text>';
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.self::WIDTH.' '.self::HEIGHT.'" role="img" aria-label="'.self::safe(implode(', ', array_column($this->lines(), 'says'))).'">'.self::drawing().$texts.'</svg>';
    }

    /** A page for paper: the same drawing, with its lines as text of the page. */
    public function html(): string
    {
        return self::pages([$this]);
    }

    /**
     * Several for paper, a page each.
     *
     * @param non-empty-list<self> $certificates
     */
    public static function pages(array $certificates): string
    {
        $pages = implode('', array_map(static fn (self $one): string => $one->page(), $certificates));

        return '<!doctype html><html lang="'.$certificates[0]->locale.'"><head><meta charset="utf-8"><title>'.self::safe($certificates[0]->course)."</title><style>@page { size: A4 landscape; margin: 0 } body { margin: 0 } div { position: relative; width: 297mm; height: 209.5mm; page-break-after: always } div:last-child { page-break-after: avoid } img { position: absolute; top: 0; left: 0; width: 297mm; height: 209.5mm } p { position: absolute; left: 0; width: 297mm; margin: 0; text-align: center }</style></head><body>$pages</body></html>";
    }

    private function page(): string
    {
        $texts = '';
        foreach ($this->lines() as $line) {
            $family = 'serif' === $line['family'] ? 'DejaVu Serif' : 'DejaVu Sans';
            $style = '' === $line['style'] ? 'normal' : $line['style'];
            $top = round(($line['y'] - $line['size']) * 297 / self::WIDTH, 1);
            $size = round($line['size'] * 0.72 * 297 / self::WIDTH * 72 / 25.4, 1);
            $texts .= "<p style=\"top: {$top}mm; font: $style {$size}pt '$family'; color: {$line['colour']}\">".self::safe($line['says']).'</p>';
        }
        $drawing = base64_encode('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.self::WIDTH.' '.self::HEIGHT.'" width="'.self::WIDTH.'" height="'.self::HEIGHT.'">'.self::drawing().'</svg>');

        return "<div><img src=\"data:image/svg+xml;base64,$drawing\">$texts</div>";
    }

    /** Paper with a ruled frame; twigs grow along it from the lower corners, a leaf for each rung, and a nib between them. */
    private function drawing(): string
    {
        [$ink, $green] = [self::INK, self::GREEN];
        $svg = '<rect width="'.self::WIDTH.'" height="'.self::HEIGHT.'" fill="#fbf8f1"/><rect x="34" y="34" width="1055" height="726" fill="#fffdf8" stroke="'.$ink.'" stroke-width="2"/><rect x="44" y="44" width="1035" height="706" fill="none" stroke="'.$ink.'" stroke-width="0.8"/>';
        for ($y = 520; $y <= 560; $y += 20) {
            $svg .= "<path d=\"M380 {$y}H743\" stroke=\"#e4dccb\" stroke-width=\"1\"/>";
        }
        $leaves = max(2, min(120, $this->rungs));
        for ($leaf = 0; $leaf < $leaves; ++$leaf) {
            $isLeft = 0 === $leaf % 2;
            $share = intdiv($leaf, 2) / max(1, ceil($leaves / 2));
            [$x, $y] = self::onTwig($share, $isLeft);
            $angle = ($isLeft ? 1 : -1) * (0 === intdiv($leaf, 2) % 2 ? 42 : -138) + ($isLeft ? -20 : 20) * $share;
            $svg .= '<path d="M0 0C7 -7 20 -8 27 0C20 8 7 7 0 0Z" fill="'.$green.'" fill-opacity="'.round(0.45 + 0.4 * $share, 2)."\" transform=\"translate($x $y) rotate(".round($angle).')"/>';
        }
        foreach ([true, false] as $isLeft) {
            $points = [];
            for ($step = 0; $step <= 30; ++$step) {
                $points[] = implode(' ', self::onTwig($step / 30, $isLeft));
            }
            $svg .= '<path d="M'.implode('L', $points)."\" fill=\"none\" stroke=\"$green\" stroke-width=\"2.4\" stroke-linecap=\"round\"/>";
        }

        return $svg."<g transform=\"translate(561 92)\" fill=\"none\" stroke=\"$ink\" stroke-width=\"2.4\"><path d=\"M0 -34C15 -18 17 -4 10 10L0 32L-10 10C-17 -4 -15 -18 0 -34Z\"/><path d=\"M0 32V0\"/></g><circle cx=\"561\" cy=\"88\" r=\"4\" fill=\"$ink\"/>";
    }

    /** @return array{float, float} a place on the twig of one side, from its foot to its tip */
    private static function onTwig(float $share, bool $isLeft): array
    {
        $x = 90 + 62 * sin($share * 5.4) * (1 - 0.45 * $share) + 60 * $share * $share;
        $y = 712 - 590 * $share;

        return [round($isLeft ? $x : self::WIDTH - $x, 1), round($y, 1)];
    }

    private static function safe(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_XML1);
    }
}
