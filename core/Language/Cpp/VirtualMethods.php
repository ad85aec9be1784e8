<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\OwnValue;

/** Which class answers shows from the type of an object's name, but for methods that are virtual (C++17, 13.3 and 13.1). */
trait VirtualMethods
{
    /** @var array<string, array<string, true>> by class, its methods that say that they are virtual, or that one above is */
    private array $virtuals = [];

    /** Notes the virtual methods between the braces of a class. */
    private function announceVirtuals(string $class, int $from, int $until): void
    {
        for ($at = $from; $at < $until; ++$at) {
            $text = $this->tokens[$at]->text;
            if ('{' === $text) {
                $at = $this->partners[$at] ?? $at;
            } elseif ('(' === $text && TokenKind::Name === $this->tokens[$at - 1]->kind) {
                $name = $this->tokens[$at - 1]->text;
                for ($before = $at - 2; $before >= $from && !\in_array($this->tokens[$before]->text, [';', '}', ':', '{', 'virtual'], true); --$before) {
                }
                $closing = $this->partners[$at] ?? $at;
                for ($behind = $closing + 1; $behind < $until && !\in_array($this->tokens[$behind]->text, ['{', ';', 'override'], true); ++$behind) {
                }
                if ('virtual' === $this->tokens[$before]->text || 'override' === ($this->tokens[$behind]->text ?? '')) {
                    $this->virtuals[$class][$name] = true;
                }
                $at = max($at, $closing);
            }
        }
    }

    private function isVirtual(string $class, string $method): bool
    {
        for ($steps = \count($this->classes); isset($this->classes[$class]) && $steps >= 0; --$steps) {
            if (isset($this->virtuals[$class][$method])) {
                return true;
            }
            $class = $this->classes[$class];
        }

        return false;
    }

    /** Whether a class below another one has a method of this name, too. */
    private function isHiddenBelow(string $class, string $method): bool
    {
        foreach ($this->classes as $below => $parent) {
            if ($below !== $class && isset($this->methods[$below][$method])) {
                for ($steps = \count($this->classes); '' !== $parent && $steps >= 0; --$steps) {
                    if ($parent === $class) {
                        return true;
                    }
                    $parent = $this->classes[$parent] ?? '';
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
    protected function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        $class ??= (string) TypeNames::read($this->typeOf($receiver))->class;
        $owner = isset($this->classes[$class]) ? $this->ownerOf($class, $method) : null;
        if (null === $owner || isset($this->sharedMethods["$owner.$method"]) || $this->isVirtual($class, $method) || !$this->isHiddenBelow($class, $method)) {
            return null;
        }

        return new OwnValue("$owner.$method", [$receiver, ...$arguments]);
    }
}
