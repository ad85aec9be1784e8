<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\OwnValue;

/** Which class answers shows from the type of an object's name, but for methods that are virtual (C++17, 13.3 and 13.1). */
final class VirtualMethods
{
    /** @var array<string, array<string, true>> by class, its methods that say that they are virtual, or that one above is */
    private array $virtuals = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Notes the virtual methods between the braces of a class. */
    public function announceVirtuals(string $class, int $from, int $until): void
    {
        for ($at = $from; $at < $until; ++$at) {
            $text = $this->parser->tokens[$at]->text;
            if ('{' === $text) {
                $at = $this->parser->partners[$at] ?? $at;
            } elseif ('(' === $text && TokenKind::Name === $this->parser->tokens[$at - 1]->kind) {
                $name = $this->parser->tokens[$at - 1]->text;
                for ($before = $at - 2; $before >= $from && !\in_array($this->parser->tokens[$before]->text, [';', '}', ':', '{', 'virtual'], true); --$before) {
                }
                $closing = $this->parser->partners[$at] ?? $at;
                for ($behind = $closing + 1; $behind < $until && !\in_array($this->parser->tokens[$behind]->text, ['{', ';', 'override'], true); ++$behind) {
                }
                if ('virtual' === $this->parser->tokens[$before]->text || 'override' === ($this->parser->tokens[$behind]->text ?? '')) {
                    $this->virtuals[$class][$name] = true;
                }
                $at = max($at, $closing);
            }
        }
    }

    private function isVirtual(string $class, string $method): bool
    {
        for ($steps = \count($this->parser->classes->parents); isset($this->parser->classes->parents[$class]) && $steps >= 0; --$steps) {
            if (isset($this->virtuals[$class][$method])) {
                return true;
            }
            $class = $this->parser->classes->parents[$class];
        }

        return false;
    }

    /** Whether a class below another one has a method of this name, too. */
    private function isHiddenBelow(string $class, string $method): bool
    {
        foreach ($this->parser->classes->parents as $below => $parent) {
            if ($below !== $class && isset($this->parser->classes->methods[$below][$method])) {
                for ($steps = \count($this->parser->classes->parents); '' !== $parent && $steps >= 0; --$steps) {
                    if ($parent === $class) {
                        return true;
                    }
                    $parent = $this->parser->classes->parents[$parent] ?? '';
                }
            }
        }

        return false;
    }

    /**
     * A call whose class shows where it is written, whatever the object turns out to be; null for any other.
     *
     * @param list<Expression> $arguments
     * @param string|null      $class     of the receiver, where it is known from elsewhere
     */
    public function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        $class ??= (string) TypeNames::read($this->parser->typeOf($receiver))->class;
        $owner = isset($this->parser->classes->parents[$class]) ? $this->parser->classes->ownerOf($class, $method) : null;
        if (null === $owner || isset($this->parser->sharedMethods["$owner.$method"]) || $this->isVirtual($class, $method) || !$this->isHiddenBelow($class, $method)) {
            return null;
        }

        return new OwnValue("$owner.$method", [$receiver, ...$arguments]);
    }
}
