<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Event\DocumentParsedEvent;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\FencedCode;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\MarkdownConverter;
use League\CommonMark\Parser\MarkdownParser;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Lesson;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * Pages of explanation: Markdown without HTML of its own. A fenced text in a language that can be run is a piece, which the
 * page shows with a button, in the language that its reader writes; with the word `same` behind the language it stays as it is,
 * with the word `picture` only what it draws is shown.
 */
final class Explanation
{
    /**
     * @return list<array{html: string}|array{piece: int, language: Language, text: string, isPicture: bool, isSame: bool}> parts in their order; pieces are
     *                                                                                                                      numbered through all pages of a lesson
     */
    public static function parts(string $markdown, int $first = 0): array
    {
        $parts = [];
        $lines = explode("\n", str_replace("\r\n", "\n", $markdown));
        $from = 0;
        foreach (self::pieces($markdown) as $number => $piece) {
            $parts[] = ['html' => self::html(implode("\n", \array_slice($lines, $from, $piece['from'] - 1 - $from)))];
            $parts[] = ['piece' => $first + $number, 'language' => $piece['language'], 'text' => $piece['text'], 'isPicture' => $piece['isPicture'], 'isSame' => $piece['isSame']];
            $from = $piece['to'];
        }
        $parts[] = ['html' => self::html(implode("\n", \array_slice($lines, $from)))];

        return array_values(array_filter($parts, static fn (array $part): bool => '' !== trim($part['html'] ?? 'piece')));
    }

    /** @return list<array{html: string}|array{piece: int, language: Language, text: string, isPicture: bool, isSame: bool}> of a lesson's page, from 1 */
    public static function page(Lesson $lesson, string $locale, int $page, Language $language): array
    {
        $pages = $lesson->text($locale)->pages;
        $before = array_map(static fn (string $one): int => \count(self::pieces($one)), \array_slice($pages, 0, $page - 1));

        return array_map(static fn (array $part): array => isset($part['piece']) && !$part['isSame'] ? [...$part, ...self::said($part, $language)] : $part, self::parts($pages[$page - 1] ?? '', array_sum($before)));
    }

    /**
     * A piece in another language; one that cannot be read stays what it is.
     *
     * @param array{language: Language, text: string} $piece
     *
     * @return array{language: Language, text: string}
     */
    private static function said(array $piece, Language $language): array
    {
        $read = $piece['language'] === $language ? null : $piece['language']->read($piece['text']);
        if (null === $read || [] !== $read->mistakes || $read->program->hasUnread()) {
            return ['language' => $piece['language'], 'text' => $piece['text']];
        }

        return ['language' => $language, 'text' => $language->print($read->program)->text()];
    }

    /** @return array{language: Language, text: string}|null */
    public static function piece(Lesson $lesson, string $locale, int $number): ?array
    {
        $pieces = array_merge(...array_map(self::pieces(...), $lesson->text($locale)->pages));

        return $pieces[$number] ?? null;
    }

    /** @return list<array{language: Language, text: string, isPicture: bool, isSame: bool, from: int, to: int}> with their lines */
    private static function pieces(string $markdown): array
    {
        $found = [];
        foreach ((new MarkdownParser(self::environment()))->parse($markdown)->iterator() as $node) {
            if (!$node instanceof FencedCode) {
                continue;
            }
            $words = $node->getInfoWords();
            $language = Language::tryFrom($words[0] ?? '');
            // What stands in a list or a quotation belongs to it.
            if (null !== $language && null === $node->parent()?->parent() && null !== $node->getStartLine() && null !== $node->getEndLine()) {
                $found[] = ['language' => $language, 'text' => $node->getLiteral(), 'isPicture' => \in_array('picture', $words, true), 'isSame' => \in_array('same', $words, true), 'from' => $node->getStartLine(), 'to' => $node->getEndLine()];
            }
        }

        return $found;
    }

    public static function html(string $markdown): string
    {
        $html = (new MarkdownConverter(self::environment()))->convert($markdown)->getContent();
        $allowed = (new HtmlSanitizerConfig())->allowSafeElements()->dropElement('img')->dropAttribute('style', '*')->dropAttribute('class', '*')->allowLinkSchemes(['https', 'mailto'])->allowRelativeLinks();

        return (new HtmlSanitizer($allowed))->sanitize($html);
    }

    private static function environment(): Environment
    {
        $environment = new Environment(['html_input' => 'escape', 'allow_unsafe_links' => false, 'max_nesting_level' => 20]);
        $environment->addExtension(new CommonMarkCoreExtension());
        $environment->addExtension(new TableExtension());
        // The page has its own titles above, of two levels.
        $environment->addEventListener(DocumentParsedEvent::class, static function (DocumentParsedEvent $event): void {
            foreach ($event->getDocument()->iterator() as $node) {
                if ($node instanceof Heading) {
                    $node->setLevel(max(3, min(4, $node->getLevel())));
                }
            }
        });

        return $environment;
    }
}
