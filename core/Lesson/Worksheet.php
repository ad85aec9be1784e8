<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Words\Words;

/** A lesson on paper: the rungs that can be done with a pencil, and the sheet with their answers. */
final readonly class Worksheet
{
    private const ON_PAPER = [RungKind::Pair, RungKind::Foretell, RungKind::Sort, RungKind::Fill, RungKind::Mend, RungKind::Write];
    private const STYLE = <<<'CSS'
        @page { size: A4; margin: 16mm 15mm 17mm; }
        body { font-family: "DejaVu Sans", sans-serif; font-size: 9.5pt; line-height: 1.4; color: #111; margin: 0; }
        h1 { font-family: "DejaVu Serif", serif; font-size: 18pt; margin: 0; }
        h2 { font-family: "DejaVu Serif", serif; font-size: 12.5pt; margin: 7mm 0 1mm; border-bottom: 0.4mm solid #111; page-break-after: avoid; }
        p { margin: 1mm 0 2mm; } p.name { margin: 3mm 0; }
        table { width: 100%; border-collapse: collapse; } tr { page-break-inside: avoid; } td { vertical-align: top; padding: 1.2mm 2mm 1.2mm 0; }
        code, pre { font-family: "DejaVu Sans Mono", monospace; font-size: 8.6pt; white-space: pre-wrap; word-wrap: break-word; }
        pre { margin: 1mm 0; padding: 2mm; border: 0.2mm solid #777; }
        .gap { letter-spacing: 0; border-bottom: 0.4mm solid #111; }
        .box { border: 0.3mm solid #111; } .number { width: 8mm; } .line { border-bottom: 0.15mm solid #999; height: 7mm; }
        td.choice { width: 50%; border: 0.2mm solid #777; padding: 1.5mm 2mm; }
        .choice img, .goal img { width: 52mm; } .goal { page-break-inside: avoid; }
        CSS;

    private Words $words;

    public function __construct(private Lesson $lesson, private Language $language, private string $locale, private bool $hasAnswers)
    {
        $this->words = Words::in($locale);
    }

    /** @return string a page of HTML, for A4 */
    public function html(): string
    {
        $text = $this->lesson->text($this->locale);
        $body = '<h1>'.self::safe($text->title).'</h1><p>'.self::safe($this->language->title()).($this->hasAnswers ? ' · '.$this->say('worksheet.answers') : '').'</p>';
        $body .= $this->hasAnswers ? '' : '<p class="name">'.$this->say('worksheet.name').' ______________________________</p>';
        $number = 0;
        foreach ($this->lesson->rungsIn($this->language) as $setting) {
            $rung = \in_array($setting->kind, self::ON_PAPER, true) ? $setting->rung($this->lesson, $this->language, $this->locale) : null;
            if (null !== $rung) {
                $body .= '<h2>'.++$number.'. '.$this->say('rung.'.$rung->kind->value.'.do').'</h2>'.($this->hasAnswers ? $this->answer($rung) : '<p>'.$this->say('worksheet.'.$rung->kind->value).'</p>'.$this->asked($rung));
            }
        }

        return '<!doctype html><html lang="'.$this->locale.'"><head><meta charset="utf-8"><title>'.self::safe($text->title).'</title><style>'.self::STYLE.'</style></head><body>'.$body.(0 === $number ? '<p>'.$this->say('worksheet.none').'</p>' : '').'</body></html>';
    }

    private function asked(Rung $rung): string
    {
        $q = $rung->question;

        return match ($rung->kind) {
            RungKind::Pair => $this->pairs(self::texts($q['lines'] ?? null), self::texts($q['words'] ?? null)),
            RungKind::Foretell => self::code(self::text($q['text'] ?? '')).'<p>'.$this->say('ladder.foretell_'.self::text($q['what'] ?? ''), ['name' => self::text($q['name'] ?? ''), 'at' => \is_int($q['at'] ?? null) ? $q['at'] : 0]).'</p>'.self::choices(self::texts($q['choices'] ?? null), 'picture' === ($q['what'] ?? '')),
            RungKind::Sort => '<table>'.implode('', array_map(static fn (string $slip): string => '<tr><td class="number"><span class="box">&nbsp;&nbsp;&nbsp;&nbsp;</span></td><td><code>'.self::safe($slip).'</code></td></tr>', self::texts($q['slips'] ?? null))).'</table>'.self::lines(\count($rung->right)),
            RungKind::Fill => '<pre>'.str_replace('▢', '<span class="gap">'.str_repeat('&nbsp;', 10).'</span>', self::safe(self::text($q['text'] ?? ''))).'</pre>',
            RungKind::Mend => self::goal($q['goal'] ?? null).self::code(self::text($q['text'] ?? '')).self::lines(2),
            default => self::goal($q['goal'] ?? null).$this->said($q).self::lines(substr_count($rung->model, "\n") + 2),
        };
    }

    private function answer(Rung $rung): string
    {
        $q = $rung->question;
        $right = $rung->right;

        return match ($rung->kind) {
            RungKind::Pair => '<table>'.implode('', array_map(static fn (string $line, mixed $words): string => '<tr><td><code>'.self::safe($line).'</code></td><td>'.self::safe(self::texts($q['words'] ?? null)[\is_int($words) ? $words : 0] ?? '').'</td></tr>', self::texts($q['lines'] ?? null), $right)).'</table>',
            RungKind::Foretell => '<p>'.self::safe(\chr(65 + (\is_int($right[0] ?? null) ? $right[0] : 0))).'</p>',
            RungKind::Fill => '<p><code>'.implode('</code> · <code>', array_map(static fn (mixed $gap): string => self::safe(self::text($gap)), $right)).'</code></p>',
            default => self::code($rung->model),
        };
    }

    /**
     * @param list<string> $lines
     * @param list<string> $says
     */
    private function pairs(array $lines, array $says): string
    {
        $rows = '';
        foreach ($lines as $number => $line) {
            $rows .= '<tr><td class="number"><span class="box">&nbsp;&nbsp;&nbsp;&nbsp;</span></td><td style="width: 44%"><code>'.self::safe($line).'</code></td><td class="number">'.\chr(65 + $number).'</td><td>'.self::safe($says[$number] ?? '').'</td></tr>';
        }

        return "<table>$rows</table>";
    }

    /** @param array<string, mixed> $question */
    private function said(array $question): string
    {
        $says = array_filter(self::texts($question['says'] ?? null), static fn (string $line): bool => '' !== $line);

        return [] === $says ? '' : '<ol><li>'.implode('</li><li>', array_map(self::safe(...), $says)).'</li></ol>';
    }

    /** @param list<string> $choices */
    private static function choices(array $choices, bool $arePictures): string
    {
        $cells = [];
        foreach ($choices as $number => $choice) {
            $cells[] = '<td class="choice">'.\chr(65 + $number).' &nbsp; '.($arePictures ? self::picture($choice) : '<code>'.nl2br(self::safe($choice)).'</code>').'</td>';
        }

        return '<table>'.implode('', array_map(static fn (array $two): string => '<tr>'.implode('', $two).'</tr>', array_chunk($cells, 2))).'</table>';
    }

    private static function goal(mixed $goal): string
    {
        $goal = \is_array($goal) ? $goal : [];
        $printed = self::text($goal['printed'] ?? '');
        $picture = self::text($goal['picture'] ?? '');

        return '<div class="goal">'.('' === $picture || '' !== trim($printed) ? '' : self::picture($picture)).('' === trim($printed) ? '' : self::code($printed)).'</div>';
    }

    private static function picture(string $svg): string
    {
        // The ground of a picture reaches beyond its edge, and a printer's ink need not fill it.
        $bare = (string) preg_replace('/<rect [^>]*\/>/', '', $svg, 1);

        return '<img src="data:image/svg+xml;base64,'.base64_encode($bare).'">';
    }

    private static function code(string $text): string
    {
        return '<pre>'.self::safe(rtrim($text)).'</pre>';
    }

    private static function lines(int $count): string
    {
        return str_repeat('<div class="line"></div>', min(30, $count));
    }

    /** @param array<string, string|int> $parameters */
    private function say(string $key, array $parameters = []): string
    {
        return self::safe($this->words->say($key, $parameters));
    }

    private static function text(mixed $text): string
    {
        return \is_string($text) ? $text : '';
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return array_values(array_filter(\is_array($list) ? $list : [], is_string(...)));
    }

    private static function safe(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE);
    }
}
