<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\ClassDefinition;

/** What a text declares anywhere is known before its rows are read. */
final class Announcements
{
    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** Functions may be called above their definition, so that their names are known first. */
    public function announce(): void
    {
        $decorator = $above = '';
        $ofClass = [];
        foreach ($this->parser->lines as $index => $line) {
            $name = $this->parser->tokens[$line->from + 1] ?? null;
            if ($line->remark) {
                continue;
            }
            $isDecorator = '@' === $this->parser->tokens[$line->from]->text;
            if (!$isDecorator || 'abstractmethod' !== ($name->text ?? '')) {
                $isSetter = $isDecorator && 'setter' === ($this->parser->tokens[$line->from + 3]->text ?? '');
                [$above, $decorator] = [$decorator, $isDecorator ? ($isSetter ? 'setter' : $name->text ?? '') : ''];
            }
            $word = $this->parser->tokens[$line->from]->text;
            if ('=' === $name?->text && $line->until === $line->from + 3 && true === ($this->parser->innerClasses->linesOfClasses[$index][1] ?? null)) {
                $this->announceAlso($this->parser->innerClasses->linesOfClasses[$index][0], $word, $this->parser->tokens[$line->from + 2]->text);
            }
            if ('=' === $name?->text && 'property' === ($this->parser->tokens[$line->from + 2]->text ?? '') && true === ($this->parser->innerClasses->linesOfClasses[$index][1] ?? null)) {
                $this->parser->properties->announce($line, $this->parser->innerClasses->linesOfClasses[$index][0]);
            }
            if (null === $name || TokenKind::Name !== $name->kind) {
                continue;
            }
            [$class, $isDirect] = $this->parser->innerClasses->linesOfClasses[$index] ?? ['', true];
            if ('class' === $word && $isDirect && ('' !== $class || 0 === $line->column())) {
                $class = $name->text;
                $parent = $this->parser->tokens[$line->from + 3] ?? null;
                $this->parser->classes->parents[$class] = '(' === ($this->parser->tokens[$line->from + 2]->text ?? '') && null !== $parent && TokenKind::Name === $parent->kind && (isset($this->parser->classes->parents[$parent->text]) || $this->parser->isFailure($parent->text)) ? $parent->text : '';
                $this->parser->classes->methods[$class] = [];
            } elseif ('def' === $word && '' !== $class && $isDirect) {
                [$least, $most, $parameters] = $this->parser->signatures->signature($line->from + 2, $line->until);
                if ('setter' === $above) {
                    $this->parser->classes->setters[$name->text] = true;
                    $this->parser->classes->methods[$class]["set_$name->text"] = [1, 1, \array_slice($parameters, 1)];
                    continue;
                }
                if ('property' === $above) {
                    $this->parser->classes->asked[$name->text] = true;
                } elseif ('staticmethod' === $above || 'classmethod' === $above) {
                    $isOfClass = 'classmethod' === $above;
                    if (!$isOfClass) {
                        $this->parser->sharedMethods["$class.$name->text"] = true;
                    } else {
                        $ofClass[] = [$class, $name->text];
                        $this->parser->methodsOfClasses["$class.$name->text"] = true;
                    }
                    if (null !== $this->parser->rest) {
                        $this->parser->symbols->rests["$class.$name->text"] = $this->parser->rest - (int) $isOfClass;
                    }
                    $this->parser->classes->methods[$class][$name->text] = $isOfClass ? [max(0, $least - 1), max(0, $most - 1), \array_slice($parameters, 1)] : [$least, $most, $parameters];
                    continue;
                }
                $this->parser->classes->methods[$class][PythonNames::METHODS[$name->text] ?? $name->text] = [max(0, $least - 1), max(0, $most - 1), \array_slice($parameters, 1)];
            } elseif ('def' === $word) {
                if (isset($this->parser->symbols->functions[$name->text])) {
                    $this->parser->symbols->doubled[$name->text] = true;
                }
                $this->parser->signatures->announced_($name->text, $line->from + 2, $line->until);
                if ('contextmanager' === $above || 'contextlib' === $above) {
                    $this->parser->managers[$name->text] = true;
                }
            }
        }
        $this->announceOfSeveral($ofClass);
        $this->announceAbstract();
        $this->announceStatics();
        $this->parser->enumerations->announceEnumerations();
        $this->parser->records->announceRecords();
        if ([] !== $this->parser->classes->parents) {
            $this->parser->announceMakers();
            $brackets = 0;
            foreach ($this->parser->tokens as $index => $token) {
                $brackets += TokenKind::Sign !== $token->kind ? 0 : ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$token->text] ?? 0;
                // `self.beds`, and `garden.beds = …` from outside.
                $isField = '.' === $token->text && 1 !== preg_match('/^__\w+__$/D', $this->parser->tokens[$index + 1]->text ?? '') && TokenKind::Name === ($this->parser->tokens[$index + 1]->kind ?? null) && '(' !== ($this->parser->tokens[$index + 2]->text ?? '');
                $name = $this->parser->tokens[$index + 1]->text ?? '';
                $of = $this->parser->tokens[$index - 1] ?? null;
                // `self.count += 1` gives the object one of its own, whatever its class has (The Python Language Reference, 7.2.1).
                $isChanged = TokenKind::Name === $of?->kind && !\in_array($of->text, ['cls', '__class__'], true) && 1 === preg_match(ExpressionParser::CHANGING_SIGN, $this->parser->tokens[$index + 2]->text ?? '');
                $isSet = $isChanged || '=' === ($this->parser->tokens[$index + 2]->text ?? '') || 0 === $brackets && ',' === ($this->parser->tokens[$index + 2]->text ?? '');
                $isKept = isset($this->parser->classes->parents[$this->parser->tokens[$index - 1]->text ?? '']) || !$isSet && null !== $this->parser->unknownMembers->anyStatic($name);
                $sign = $this->parser->tokens[$index + 2]->text ?? '';
                if ($isField && ('=' === $sign && '=' !== ($this->parser->tokens[$index + 3]->text ?? '') || ',' === $sign && (0 === $brackets || !isset($this->parser->classes->methodNames[$name])) || str_ends_with($sign, '=') && !\in_array($sign, ['==', '!=', '<=', '>='], true) || ':' === $sign)) {
                    $this->parser->classes->setFields[$name] = true;
                }
                if ($isField && !$isKept && ('self' === ($this->parser->tokens[$index - 1] ?? null)?->text || $isSet)) {
                    $this->parser->classes->fieldNames[$name] = true;
                }
            }
        }
    }

    /** `count: int = 0` among the methods of a class that is no data class. */
    public function isGivenByType(LogicalLine $line): bool
    {
        if (':' !== ($this->parser->tokens[$line->from + 1]->text ?? '')) {
            return false;
        }

        // Where a type stands there is no other sign like it.
        return [] !== array_filter(\array_slice($this->parser->tokens, $line->from + 2, $line->until - $line->from - 2), static fn (Token $token): bool => '=' === $token->text);
    }

    /** What stands between the methods of a class is kept by the class. */
    private function announceStatics(): void
    {
        $above = '';
        foreach ([] === $this->parser->classes->parents ? [] : $this->parser->lines as $index => $line) {
            if ($line->remark) {
                continue;
            }
            [$class, $isDirect] = $this->parser->innerClasses->linesOfClasses[$index] ?? ['', true];
            $named = $isDirect && 'class' === $this->parser->tokens[$line->from]->text ? $this->parser->tokens[$line->from + 1]->text ?? '' : '';
            if (isset($this->parser->classes->parents[$named]) && ('dataclass' === $above || 'NamedTuple' === ($this->parser->tokens[$line->from + 3]->text ?? ''))) {
                $this->parser->madeOfFields[$named] = true;
            }
            $above = '@' === $this->parser->tokens[$line->from]->text ? $this->parser->tokens[$line->from + 1]->text ?? '' : '';
            if ('' !== $class && $isDirect) {
                if (TokenKind::Name === $this->parser->tokens[$line->from]->kind && ':' === ($this->parser->tokens[$line->from + 1]->text ?? '') && isset($this->parser->madeOfFields[$class])) {
                    $this->parser->classes->fieldNames[$this->parser->tokens[$line->from]->text] = true;
                    $this->parser->classes->given[$class][] = $this->parser->tokens[$line->from]->text;
                    $this->parser->classes->setFields[$this->parser->tokens[$line->from]->text] = true;
                } elseif (TokenKind::Name === $this->parser->tokens[$line->from]->kind && !$this->parser->properties->has($class, $this->parser->tokens[$line->from]->text) && ('=' === ($this->parser->tokens[$line->from + 1]->text ?? '') || $this->isGivenByType($line))) {
                    $this->parser->classes->statics[$class][$this->parser->tokens[$line->from]->text] = true;
                    for ($at = $line->from + 1; $at + 2 < $line->until; ++$at) {
                        // Rows may stand side by side.
                        if (';' === $this->parser->tokens[$at]->text && TokenKind::Name === $this->parser->tokens[$at + 1]->kind && '=' === $this->parser->tokens[$at + 2]->text) {
                            $this->parser->classes->statics[$class][$this->parser->tokens[$at + 1]->text] = true;
                        }
                    }
                }
            }
        }
    }

    /** Methods that a class leaves to those that are kinds of it (The Python Standard Library, abc). */
    private function announceAbstract(): void
    {
        $isLeft = false;
        foreach ($this->parser->lines as $index => $line) {
            $first = $line->remark ? '' : $this->parser->tokens[$line->from]->text;
            $name = $this->parser->tokens[$line->from + 1]->text ?? '';
            $class = $this->parser->innerClasses->linesOfClasses[$index][0] ?? '';
            if ('@' === $first) {
                $isLeft = $isLeft || 'abstractmethod' === $name || 'abc' === $name && 'abstractmethod' === ($this->parser->tokens[$line->from + 3]->text ?? '');
            } elseif ('def' === $first) {
                if ($isLeft && isset($this->parser->classes->parents[$class])) {
                    $this->parser->leftOpen[$class][PythonNames::METHODS[$name] ?? $name] = true;
                }
                $isLeft = false;
            }
        }
    }

    /**
     * Of the methods that are handed their class, those that are asked of one that is a kind of it.
     *
     * @param list<array{string, string}> $methods class and name
     */
    private function announceOfSeveral(array $methods): void
    {
        foreach ($methods as [$class, $method]) {
            if (!\in_array($class, $this->parser->classes->parents, true)) {
                continue;
            }
            foreach ($this->parser->tokens as $index => $token) {
                if ($token->text === $method && '.' === ($this->parser->tokens[$index - 1]->text ?? '') && $class !== ($this->parser->tokens[$index - 2]->text ?? '')) {
                    $this->parser->ofSeveral["$class.$method"] = true;
                }
            }
        }
    }

    /** `__radd__ = __add__` among the methods of a class: they can be called by the other name, too. */
    private function announceAlso(string $class, string $name, string $of): void
    {
        $of = PythonNames::METHODS[$of] ?? $of;
        [$least, $most, $parameters] = $this->parser->classes->methods[$class][$of] ?? [0, 0, null];
        $isKnown = (!str_starts_with($name, '__') || isset(PythonNames::METHODS[$name])) && (!str_starts_with($of, '@') || \in_array($of, ['@add', '@multiply', ClassDefinition::SHOWS, ClassDefinition::FORM], true));
        if ($isKnown && null !== $parameters && $least === $most && $most === \count($parameters) && !isset($this->parser->classes->asked[$of])) {
            $this->parser->classes->methods[$class][PythonNames::METHODS[$name] ?? $name] = [$least, $most, $parameters];
            $this->parser->namedAlso["$class.$name"] = $of;
        }
    }
}
