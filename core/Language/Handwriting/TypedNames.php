<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Tree\Program;

/** Which names a typed text says, and how it says those that it says in another way than its program does. */
final class TypedNames
{
    /** @var array<string, true>|null */
    private ?array $words = null;
    /** @var array<string, string>|null */
    private ?array $spelled = null;

    /** @var array<string, string>|null */
    private ?array $shadows = null;

    public function __construct(private readonly Program $program, private readonly string $text, private readonly Language $language)
    {
    }

    public function says(string $name): bool
    {
        return isset($this->words()[$name]) || null !== $this->spelled($name);
    }

    /** How the text says a name, where it does so in another way. */
    public function spelled(string $name): ?string
    {
        $this->spelled ??= $this->language->notation()->typed ? $this->enumerators() + $this->overloaded() : [];

        return $this->spelled[$name] ?? $this->shadowed($name);
    }

    /** What the text calls a variable that a block of it declares again for itself. */
    private function shadowed(string $name): ?string
    {
        if (isset($this->words()[$name]) || 1 !== preg_match('/^(.+)_\d+$/D', $name, $match) || !isset($this->words()[$match[1]])) {
            return null;
        }

        return ($this->shadows ??= Reader::shadows($this->text, $this->language))[$name] ?? null;
    }

    /** @return array<string, true> the words of the text; what JavaScript hides behind `#` also with the `_` that it has here */
    public function words(): array
    {
        if (null === $this->words) {
            preg_match_all('/#?[\w\x80-\xff]+/', $this->text, $words);
            $this->words = array_fill_keys($words[0], true);
            foreach ($words[0] as $word) {
                if ('#' === $word[0]) {
                    $this->words['_'.substr($word, 1)] = true;
                }
            }
        }

        return $this->words;
    }

    /** @return array<string, string> functions of C++ that share a name in the text, by those that a program has for them (C++17, 16) */
    private function overloaded(): array
    {
        $said = $this->words();
        $found = [];
        foreach ($this->program->definitions() as $function) {
            if (!isset($said[$function->shortName()]) && 1 === preg_match('/^(\w+)_\d+$/D', $function->shortName(), $match) && isset($said[$match[1]]) && 2 <= preg_match_all("/[\\w>&*]\\s+[&*]*\\b$match[1]\\s*\\(/", $this->text)) {
                $found[$function->shortName()] = $match[1];
            }
        }

        return $found;
    }

    /** @return array<string, string> the values of enumerations of C++ that stand behind their names, by those that a program has for them (C++17, 10.2) */
    private function enumerators(): array
    {
        preg_match_all('/\benum\s+(?:class|struct)\s+(\w+)[^{};]*\{([^{}]*)\}/', $this->text, $enumerations, \PREG_SET_ORDER);
        $found = [];
        foreach ($enumerations as [, $name, $values]) {
            preg_match_all('/(\w+)\s*(?:=[^,]*)?(?:,|$)/', (string) preg_replace('/\/\/[^\r\n]*/', '', $values), $members);
            foreach ($members[1] as $member) {
                $found["{$name}_$member"] = "$name::$member";
            }
        }

        return $found;
    }
}
