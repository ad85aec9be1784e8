<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;

/** Who may ask an object for what its class keeps to itself (C++17, 14). A class that has friends is let be. */
final class Access
{
    private const LABELS = ['public', 'private', 'protected'];
    /** @var array<string, array<string, array<string, true>>>|null by class and member, under which labels it stands */
    private ?array $labels = null;
    /** @var array<string, true> classes whose parent's members are kept to themselves too: `class Shed : House` */
    private array $shut = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Tells of a member that nobody may ask for where the row stands that is read. */
    public function check(Expression $receiver, Token $name): void
    {
        $class = (string) TypeNames::read($this->parser->typeOf($receiver))->class;
        if ('' !== $this->parser->class || !isset($this->parser->classes->parents[$class])) {
            return;
        }
        $this->labels ??= $this->labels();
        $isShut = false;
        foreach ([$class, ...$this->parser->classes->above($class)] as $one) {
            if (!isset($this->labels[$one])) {
                return;
            }
            $labels = array_keys($this->labels[$one][$name->text] ?? []);
            if ([] !== $labels) {
                if (['private'] === $labels || ['protected'] === $labels) {
                    $this->parser->mistake('private_member', $name->offset, \strlen($name->text), ['name' => $name->text]);
                } elseif (['public'] === $labels && $isShut) {
                    $this->parser->mistake('private_parent', $name->offset, \strlen($name->text), ['name' => $name->text, 'class' => $class, 'parent' => $one]);
                }

                return;
            }
            $isShut = $isShut || isset($this->shut[$one]);
        }
    }

    /** @return array<string, array<string, array<string, true>>> */
    private function labels(): array
    {
        $labels = [];
        foreach ($this->parser->tokens as $at => $token) {
            $name = $this->parser->tokens[$at + 1] ?? null;
            if ('class' !== $token->text && 'struct' !== $token->text || TokenKind::Name !== $name?->kind || 'enum' === ($this->parser->tokens[$at - 1]->text ?? '')) {
                continue;
            }
            $brace = $at + 2;
            while (!\in_array($this->parser->tokens[$brace]->text ?? ';', ['{', ';', '>', '(', ','], true)) {
                ++$brace;
            }
            $end = $this->parser->closingOf($brace);
            if ('{' !== ($this->parser->tokens[$brace]->text ?? '') || null === $end || $this->hasFriends($brace, $end)) {
                continue;
            }
            $head = array_map(static fn (Token $one): string => $one->text, \array_slice($this->parser->tokens, $at + 2, $brace - $at - 2));
            if (\in_array(':', $head, true) && ('struct' === $token->text ? [] !== array_intersect(['private', 'protected'], $head) : !\in_array('public', $head, true))) {
                $this->shut[$name->text] = true;
            }
            $labels[$name->text] = $this->members($brace, $end, 'class' === $token->text ? 'private' : 'public');
        }

        return $labels;
    }

    private function hasFriends(int $brace, int $end): bool
    {
        for ($at = $brace; $at < $end; ++$at) {
            if (\in_array($this->parser->tokens[$at]->text, ['friend', 'using'], true)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, array<string, true>> */
    private function members(int $brace, int $end, string $label): array
    {
        $members = [];
        $text = fn (int $at): string => $this->parser->tokens[$at]->text ?? '';
        // What a field begins with may name others, under another label.
        $isValue = false;
        for ($at = $brace + 1; $at < $end; ++$at) {
            $isValue = '=' === $text($at) || $isValue && !\in_array($text($at - 1), [';', '}'], true);
            if (\in_array($text($at), self::LABELS, true) && ':' === $text($at + 1)) {
                $label = $text($at++);
            } elseif (':' === $text($at) && ')' === $text($at - 1)) {
                // What a constructor makes of the fields, up to its rows.
                while ($at < $end && !('{' === $text($at + 1) && TokenKind::Name !== $this->parser->tokens[$at]->kind)) {
                    $at = \in_array($text($at + 1), ['(', '{'], true) ? $this->parser->closingOf($at + 1) ?? $end : $at + 1;
                }
            } elseif (\in_array($text($at), ['(', '{', '['], true)) {
                $at = $this->parser->closingOf($at) ?? $end;
            } elseif (!$isValue && TokenKind::Name === $this->parser->tokens[$at]->kind && \in_array($text($at + 1), [';', '=', '{', ',', '[', '('], true) && !\in_array($text($at - 1), ['<', '::', ',', '=', 'new'], true)) {
                $members[$text($at)][$label] = true;
            }
        }

        return $members;
    }
}
