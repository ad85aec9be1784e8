<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Methods that give a place, which is written to where it is asked for. */
final class GivenPlaces
{
    /** @var array<string, array{array{list<string>, Expression, bool}|null}> what placeAhead found, once for each method, as it goes through the whole text */
    private array $placesAhead = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * What a method that stands further down gives back, if it is a place: `double& at(int row) { return beds[row]; }`.
     *
     * @return array{list<string>, Expression, bool}|null what it takes, the place, and whether it looks first whether there is one
     */
    private function placeAhead(string $class, string $method): ?array
    {
        $found = null;
        foreach ($this->parser->tokens as $at => $token) {
            $bracket = '&' !== $token->text ? null : ($this->parser->announcements->operatorAt($at + 1) ?? ['' => '', 0 => $this->parser->tokens[$at + 1]->text ?? '', 1 => $at + 2]);
            if (null === $bracket || $method !== $bracket[0] || $at < $this->parser->at || '(' !== ($this->parser->tokens[$bracket[1]]->text ?? '') || 'const' === ($this->parser->tokens[$at - 2]->text ?? '')) {
                continue;
            }
            $closing = $this->parser->partners[$bracket[1]] ?? $at;
            $given = '{' === ($this->parser->tokens[$closing + 1]->text ?? '') ? $this->behindGuards($closing + 2) : $closing;
            if ('return' === ($this->parser->tokens[$given]->text ?? '')) {
                if (null !== $found) {
                    // It is not known whose it is.
                    return null;
                }
                $found = [$bracket[1], $closing, $given];
            }
        }
        if (null === $found) {
            return null;
        }
        $parameters = $this->parser->announcements->counted($found[0] + 1, $found[1])[2];
        $before = [$this->parser->at, $this->parser->until, $this->parser->scope, $this->parser->class];
        $mistakes = \count($this->parser->mistakes);
        [$this->parser->at, $this->parser->until, $this->parser->scope, $this->parser->class] = [$found[2] + 1, $this->parser->partners[$found[1] + 1] ?? $found[2] + 1, "$class.$method", $class];
        $names = $this->parser->declared[$this->parser->scope] ?? [];
        $this->parser->declared[$this->parser->scope] = $names + array_fill_keys([$this->parser->itself, ...$parameters], true);
        try {
            $place = $this->parser->expression();
            $isAll = $this->parser->is(';') && $this->parser->at === $this->parser->until - 1;
        } catch (ParseFailure) {
            [$place, $isAll] = [new NothingLiteral(), false];
        } finally {
            $this->parser->declared[$this->parser->scope] = $names;
            Parser::cutTo($this->parser->mistakes, $mistakes);
            [$this->parser->at, $this->parser->until, $this->parser->scope, $this->parser->class] = $before;
        }

        return $isAll && ($place instanceof Item || $place instanceof Field) ? [[$this->parser->itself, ...$parameters], $place, $found[1] + 2 !== $found[2]] : null;
    }

    /** Behind rows that throw something where a place does not exist: `if (row < 0) throw out_of_range("row");`. */
    public function behindGuards(int $at): int
    {
        while ('if' === ($this->parser->tokens[$at]->text ?? '') && null !== $closing = $this->parser->partners[$at + 1] ?? null) {
            $isBraced = '{' === ($this->parser->tokens[$closing + 1]->text ?? '');
            $thrown = $closing + ($isBraced ? 2 : 1);
            if ('throw' !== ($this->parser->tokens[$thrown]->text ?? '')) {
                break;
            }
            for ($end = $thrown; ';' !== ($this->parser->tokens[$end]->text ?? ';'); ++$end) {
            }
            if ($isBraced && '}' !== ($this->parser->tokens[++$end]->text ?? '')) {
                break;
            }
            $at = $end + 1;
        }

        return $at;
    }

    /** `bed.at(1, 2) = 3`: what a method gives that only tells a place, and gives it to be changed (C++17, 8.2.2). */
    public function placeOf(Expression $target): Expression
    {
        if ($target instanceof Item && null !== $this->parser->classes->ownerOf($this->classOf($target->container), '@item')) {
            // What it gives is more than a place.
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'operator[] … = …']);
        }

        if ($target instanceof Operation && (OperationKey::First === $target->key || OperationKey::Last === $target->key)) {
            // `beds.back() = 3`, `stack.top() += 2` (C++17, 26.2.3)
            $list = $target->arguments[0];

            return new Item($list, OperationKey::First === $target->key ? new NumberLiteral(0) : new Binary(Operator::Subtract, new Operation(OperationKey::Length, [$list]), new NumberLiteral(1)));
        }

        return $target instanceof MethodCall ? $this->givenBy($target, false) ?? $target : $target;
    }

    /**
     * The place that a method gives, said by what it is called with.
     *
     * @param bool $isGuarded whether the method looks first whether there is such a place
     */
    public function givenBy(MethodCall $call, bool $isGuarded): ?Expression
    {
        $method = MethodCall::CALL === $call->method ? MethodCall::SIGN : $call->method;
        $of = $call->object == new VariableRead($this->parser->itself) ? $this->parser->class : rtrim($this->classOf($call->object), ' *');
        $owner = $this->parser->classes->ownerOf($of, $method);
        if (null === $owner) {
            return null;
        }
        [$parameters, $place, $looks] = $this->parser->placesGiven["$owner.$method"] ?? ($this->placesAhead["$owner.$method"] ??= [$this->placeAhead($owner, $method)])[0] ?? [[], null, false];
        foreach ($this->parser->classes->methods as $class => $methods) {
            if ($class !== $owner && isset($methods[$method]) && $this->parser->classes->ownerOf($this->parser->classes->parents[$class] ?? '', $method) === $owner) {
                // Which of both is meant shows when it runs.
                return null;
            }
        }
        if (null === $place || $looks !== $isGuarded || \count($parameters) !== 1 + \count($call->arguments) || !$this->parser->isPlain($call->object) || [] !== array_filter($call->arguments, fn (Expression $value): bool => !$this->parser->isPlain($value))) {
            return null;
        }
        $given = array_combine($parameters, [$call->object, ...$call->arguments]);

        return Walk::mapExpression($place, static fn (Expression $value): Expression => $value instanceof VariableRead ? $given[$value->name] ?? $value : $value);
    }

    /** The class of the object that a method gives a reference to, as its head says it; '' where there are several. */
    public function classGivenBy(MethodCall $call): string
    {
        $method = str_replace('@', '', $call->method);
        $found = [];
        foreach ($this->parser->tokens as $at => $token) {
            if ($method === $token->text && '&' === ($this->parser->tokens[$at - 1]->text ?? '') && '(' === ($this->parser->tokens[$at + 1]->text ?? '')) {
                $found[$this->parser->tokens[$at - 2]->text ?? ''] = true;
            }
        }
        $class = (string) array_key_first($found);

        return 1 === \count($found) && isset($this->parser->classes->parents[$class]) ? $class : '';
    }

    public function classOf(Expression $value): string
    {
        return trim((string) preg_replace('/^const\b|&/', '', $this->parser->typeOf($value)));
    }
}
