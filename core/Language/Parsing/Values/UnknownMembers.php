<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\RealArguments;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\TextLiteral;

/** Methods and fields that nobody knows, and what was meant. */
final class UnknownMembers
{
    /** @var array<string, true>|null names behind a point that the text gives a value */
    private ?array $givenSomewhere = null;

    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /**
     * What the language brings is given another number of values than is known here.
     *
     * @param list<Argument> $arguments
     */
    public function miscounted(Token $at, string $name, int $wanted, array $arguments): never
    {
        $given = \count($arguments);
        if (RealArguments::take($this->parser->language(), $name, $arguments, $wanted)) {
            $this->parser->fail('unsupported', $at, ['what' => $name.'('.implode(', ', array_fill(0, max(1, $given), '…')).')']);
        }
        $this->parser->fail($given < $wanted ? 'few_arguments' : 'many_arguments', $at, ['name' => $name, 'wanted' => $wanted, 'given' => $given]);
    }

    /** What nothing has is no mistake where it is tried on purpose: the machine stops as it asks for it. */
    public function unknownMember(Expression $receiver, Token $name, bool $called): Expression
    {
        $isMeant = $this->parser->mayFail($name->offset) && !$this->parser->facts->typed && !$this->parser->facts->undefined && 1 !== preg_match('/__$/D', $name->text);

        return ($isMeant || !$called && $this->keepsByText()) && null === $this->near($name) ? new Field($receiver, $name->text) : $this->unknownMethod($name, $called);
    }

    /** Whether objects are given fields by texts, which may be any: `setattr(bed, side, 3)`, `bed.__dict__.update(sides)`. */
    private function keepsByText(): bool
    {
        return $this->parser->facts->namesArguments && 1 === preg_match('/\bsetattr\s*\(|(?:\bvars\s*\([^()]*\)|\.__dict__)\s*(?:\[[^\]\n]*\]\s*[-+*\/%]?=(?!=)|\.\s*(?:update|setdefault)\b)/', $this->parser->text);
    }

    private function near(Token $name): ?string
    {
        $known = [...array_keys(SpellingIndex::of($this->parser->language())->methods), ...array_keys(SpellingIndex::of($this->parser->language())->properties)];

        return Names::nearest($name->text, array_map(strval(...), $known));
    }

    public function unknownMethod(Token $name, bool $called): never
    {
        if ($this->parser->is('::') || $this->parser->is('::', 1)) {
            // What the class above would do (C++17, 6.4.5).
            $this->parser->fail('unsupported', $name, ['what' => "….$name->text::…"]);
        }
        if (isset($this->givenSomewhere()[$name->text])) {
            // What is given a value somewhere is no slip of the pen.
            $this->parser->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        if (!$called && isset($this->parser->classes->methodNames[$name->text])) {
            // A method as a value, with the object that it is asked of.
            $this->parser->fail('unsupported', $name, ['what' => "….$name->text"]);
        }
        if (1 === preg_match('/\[\s*(?:"[^"\n]*"|\'[^\'\n]*\')\s*\+|\[\s*`[^`]*\$\{/', $this->parser->text)) {
            // Names that are put together while the program runs may be any.
            $this->parser->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        $near = $this->near($name);
        if (null !== $near) {
            $this->parser->fail('misspelt_method', $name, ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        }
        if (1 === preg_match('/^__\w+__$/D', $name->text)) {
            // Names of this form are the machine's own.
            $this->parser->fail('unsupported', $name, ['what' => $name->text]);
        }
        if (1 === preg_match('/^__\w*[^\W_]_?$/D', $name->text) && '' === $this->parser->class && [] !== $this->parser->classes->parents) {
            // The class calls it by another name (The Python Language Reference, 6.2.1).
            $this->parser->fail('private_member', $name, ['name' => $name->text]);
        }
        $this->parser->fail($called ? 'unknown_method' : 'unknown_property', $name, ['name' => $name->text]);
    }

    /** @return array<string, true> found once, as any number of calls may ask for them */
    private function givenSomewhere(): array
    {
        if (null === $this->givenSomewhere) {
            $this->givenSomewhere = [];
            foreach ($this->parser->tokens as $at => $token) {
                if ('.' === $token->text && \in_array($this->parser->tokens[$at + 2]->text ?? '', ['=', '+='], true)) {
                    $this->givenSomewhere[$this->parser->tokens[$at + 1]->text] = true;
                }
            }
        }

        return $this->givenSomewhere;
    }

    /** What some class keeps under a name, if one alone does. */
    public function anyStatic(string $name): ?string
    {
        $found = [];
        foreach ($this->parser->classes->statics as $class => $names) {
            if (isset($names[$name])) {
                $found[] = "$class.$name";
            }
        }

        return 1 === \count($found) ? $found[0] : null;
    }

    /** Whether several classes share something under a name. */
    public function isSharedByAny(string $name): bool
    {
        foreach ($this->parser->classes->statics as $names) {
            if (isset($names[$name])) {
                return true;
            }
        }

        return false;
    }

    /** What an object is asked for is kept somewhere, or one slip of the hand away from what is. */
    public function checkField(Token $name): void
    {
        if ([] === $this->parser->classes->setFields || isset($this->parser->classes->setFields[$name->text]) || isset($this->parser->classes->methodNames[$name->text]) || $this->isSharedByAny($name->text) || $this->keepsByText()) {
            return;
        }
        if ($this->parser->facts->undefined && \in_array($name->text, ['message', 'name'], true) && $this->parser->isRaised($this->parser->class)) {
            // Every failure has them (ECMA-262, 20.5.3).
            return;
        }
        if ($this->parser->isRaised($this->parser->class) && RealNames::has($name->text, $this->parser->language())) {
            // What the language's own failures keep.
            $this->parser->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        $near = Names::nearest($name->text, array_map(strval(...), array_keys($this->parser->classes->setFields)));
        $this->parser->mistake(null === $near ? 'unknown_field' : 'misspelt_field', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near ?? ''], null === $near ? [] : [new Replacement($name->offset, \strlen($name->text), $near)]);
    }

    /** Whether something may be an object of one of the program's classes, as far as the text shows it. */
    public function mayHaveFields(Expression $value): bool
    {
        return !$value instanceof TextLiteral;
    }
}
