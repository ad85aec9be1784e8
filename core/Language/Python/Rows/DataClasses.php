<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Language\Python\Values\TextLiterals;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Classes of data, whose objects are made from what they keep, and compared by it (The Python Standard Library 3.11, dataclasses). */
final class DataClasses
{
    private const ORDER = ['@less' => Operator::Less, '@less_or_equal' => Operator::LessOrEqual, '@greater' => Operator::Greater, '@greater_or_equal' => Operator::GreaterOrEqual];
    private const SIGNS_OF_ORDER = ['@less_or_equal' => '<=', '@greater' => '>', '@greater_or_equal' => '>='];
    /** @var array<string, true> fields, behind their class and a point, that nothing is compared by */
    private array $uncompared = [];
    /** @var array<string, true> fields, behind their class and a point, that are not shown */
    private array $unshown = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** `@dataclass(order=True)` and the class below it. */
    public function dataClass(LogicalLine $line): Statement
    {
        $start = $this->parser->offset();
        $next = $this->parser->codeBelow();
        $options = $this->options();
        $class = $this->parser->tokens[($next->from ?? 0) + 1]->text ?? '';
        // Where nothing tries to change its objects, they are as others; a row that tries to fails when it runs.
        $fields = array_filter($this->parser->classes->given[$class] ?? ['\w+'], fn (string $name): bool => !$this->parser->properties->isFixed($name));
        $pattern = implode('|', array_map(Names::asPattern(...), $fields));
        $isChanged = 'True' === ($options['frozen'] ?? '') && 1 === preg_match('/'.([] === $fields ? '' : '\.\s*(?:'.$pattern.')\s*(?:[-+*\/%&|^]|\*\*|\/\/)?=(?!=)|').'\bsetattr\b/', $this->parser->text);
        $isPlain = null !== $options && [] === array_diff_key($options, ['frozen' => 1, 'order' => 1, 'eq' => 1, 'repr' => 1, 'slots' => 1]) && 'False' !== ($options['eq'] ?? '') && 'False' !== ($options['repr'] ?? '');
        if (!$isPlain || $isChanged || null === $next || $next->column() !== $line->column() || 'class' !== $this->parser->tokens[$next->from]->text) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '@dataclass']);
        }
        ++$this->parser->line;
        [$this->parser->at, $this->parser->until] = [$next->from, $next->until];
        $end = $this->parser->tokens[$this->parser->until - 1]->end();
        $row = $this->parser->classRows->classDefinition($next, $start);
        \assert($row instanceof ClassDefinition);
        $made = [...$this->comparing($row, 'True' === ($options['order'] ?? '')), ...$this->showing($row)];
        $this->parser->enumerations->cutAtHead($made, $row->id, $end);

        return [] === $made ? $row : new ClassDefinition($row->id, $row->name, $row->parent, new Block([...$made, ...$row->body->statements]));
    }

    /** Whether the decorator that stands here is `@total_ordering`. */
    public function isOrdered(): bool
    {
        $isOfLibrary = $this->parser->is('.', 2) && 'functools' === ($this->parser->aliases[$this->parser->sign(1) ?? ''] ?? $this->parser->sign(1)) && $this->parser->is('total_ordering', 3) && null === $this->parser->peek(4);

        return $isOfLibrary || null === $this->parser->peek(2) && 'functools.total_ordering' === ($this->parser->imported[$this->parser->sign(1) ?? ''] ?? '');
    }

    /** `@total_ordering` and the class below it: one comparison and `==` say what the others give (The Python Standard Library, functools). */
    public function ordered(LogicalLine $line): Statement
    {
        $start = $this->parser->offset();
        $next = $this->parser->codeBelow();
        $class = $this->parser->tokens[($next->from ?? 0) + 1]->text ?? '';
        $has = array_values(array_intersect(array_keys(self::ORDER), array_keys($this->parser->classes->methods[$class] ?? [])));
        if (null === $next || $next->column() !== $line->column() || 'class' !== $this->parser->tokens[$next->from]->text || 1 !== \count($has)) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '@total_ordering']);
        }
        ++$this->parser->line;
        [$this->parser->at, $this->parser->until] = [$next->from, $next->until];
        $end = $this->parser->tokens[$this->parser->until - 1]->end();
        $row = $this->parser->classRows->classDefinition($next, $start);
        \assert($row instanceof ClassDefinition);
        [$self, $other] = [new VariableRead('self'), new VariableRead('other')];
        $made = [];
        foreach (array_diff_key(self::ORDER, [$has[0] => 1]) as $name => $operator) {
            // Which way it looks is that of the one that is there, or the other one.
            $isOpposite = (Operator::Less === $operator || Operator::LessOrEqual === $operator) !== (Operator::Less === self::ORDER[$has[0]] || Operator::LessOrEqual === self::ORDER[$has[0]]);
            $isStrict = Operator::Less === $operator || Operator::Greater === $operator;
            $known = new Binary(self::ORDER[$has[0]], $self, $other);
            $isKnownStrict = '@less' === $has[0] || '@greater' === $has[0];
            $value = match (true) {
                $isOpposite && $isKnownStrict && !$isStrict, $isOpposite && !$isKnownStrict && $isStrict => new Unary(UnaryOperator::Not, $known),
                $isOpposite && $isKnownStrict => new Binary(Operator::And, new Unary(UnaryOperator::Not, $known), new Binary(Operator::NotEqual, $self, $other)),
                $isOpposite => new Binary(Operator::Or, new Unary(UnaryOperator::Not, $known), new Binary(Operator::Equal, $self, $other)),
                $isKnownStrict => new Binary(Operator::Or, $known, new Binary(Operator::Equal, $self, $other)),
                default => new Binary(Operator::And, $known, new Binary(Operator::NotEqual, $self, $other)),
            };
            $made[] = new FunctionDefinition($this->parser->newId(), "$class.$name", ['self', 'other'], new Block([new GiveBack($this->parser->newId(), $value)]));
            $this->parser->classes->methods[$class][$name] = [1, 1, ['other']];
        }
        $this->parser->enumerations->cutAtHead($made, $row->id, $end);

        return new ClassDefinition($row->id, $row->name, $row->parent, new Block([...$made, ...$row->body->statements]));
    }

    /** @return array<string, string>|null what stands in the brackets behind `@dataclass`; null if that is not read */
    private function options(): ?array
    {
        $options = [];
        if (!$this->parser->is('(', 2)) {
            return null === $this->parser->peek(2) ? [] : null;
        }
        for ($ahead = 3; !$this->parser->is(')', $ahead); $ahead += $this->parser->is(',', $ahead + 3) ? 4 : 3) {
            $value = $this->parser->sign($ahead + 2) ?? '';
            if (!$this->parser->is('=', $ahead + 1) || !\in_array($value, ['True', 'False'], true)) {
                return null;
            }
            $options[$this->parser->sign($ahead) ?? ''] = $value;
        }

        return null === $this->parser->peek($ahead + 1) ? $options : null;
    }

    /** @return list<FunctionDefinition> what compares its objects, where that is more than what each class of data does */
    private function comparing(ClassDefinition $class, bool $isOrdered): array
    {
        $fields = [];
        $isPart = false;
        foreach ($class->body->statements as $row) {
            if ($row instanceof FieldDeclaration) {
                $isApart = isset($this->uncompared["$class->name.$row->name"]);
                $isPart = $isPart || $isApart;
                $fields = $isApart ? $fields : [...$fields, $row->name];
            }
        }
        if ([] === $fields || !$isOrdered && !$isPart) {
            return [];
        }
        if ('' !== $class->parent) {
            $this->parser->fail('unsupported', null, ['what' => '@dataclass']);
        }
        $of = static function (string $name) use ($fields): Expression {
            $kept = array_map(static fn (string $field): Field => new Field(new VariableRead($name), $field), $fields);

            return 1 === \count($kept) ? $kept[0] : new Operation(OperationKey::AsTuple, [new ListLiteral($kept)]);
        };
        $made = [];
        foreach (($isPart ? ['@equal' => Operator::Equal] : []) + ($isOrdered ? self::ORDER : []) as $name => $operator) {
            $sign = self::SIGNS_OF_ORDER[$name] ?? null;
            if (null === $sign || str_contains($this->parser->text, $sign)) {
                $made[] = new FunctionDefinition($this->parser->newId(), "$class->name.$name", ['self', 'other'], new Block([new GiveBack($this->parser->newId(), new Binary($operator, $of('self'), $of('other')))]));
                $this->parser->classes->methods[$class->name][$name] = [1, 1, ['other']];
            }
        }

        return $made;
    }

    /** @return list<FunctionDefinition> what shows its objects, where that is less than all that they keep */
    private function showing(ClassDefinition $class): array
    {
        $fields = array_filter($class->body->statements, static fn (Statement $row): bool => $row instanceof FieldDeclaration);
        $shown = array_filter($fields, fn (Statement $row): bool => !isset($this->unshown["$class->name.$row->name"]));
        if (\count($shown) === \count($fields)) {
            return [];
        }
        if ('' !== $class->parent) {
            $this->parser->fail('unsupported', null, ['what' => '@dataclass']);
        }
        $parts = [new TextLiteral($class->name.'(')];
        foreach (array_values($shown) as $index => $field) {
            array_push($parts, new TextLiteral((0 === $index ? '' : ', ')."$field->name="), new Operation(OperationKey::Written, [new Field(new VariableRead('self'), $field->name)]));
        }
        $text = TextLiterals::together(TextLiterals::merged([...$parts, new TextLiteral(')')]));
        $this->parser->classes->methods[$class->name][ClassDefinition::FORM] = [0, 0, []];

        return [new FunctionDefinition($this->parser->newId(), $class->name.'.'.ClassDefinition::FORM, ['self'], new Block([new GiveBack($this->parser->newId(), $text)]))];
    }

    public function defaultOf(Token $name): ?Expression
    {
        return $this->parser->is('field') && isset($this->parser->imported['field']) && $this->parser->is('(', 1) ? $this->fieldDefault($name) : $this->parser->value();
    }

    /** `field(default_factory=list)`: a new one for each object. */
    private function fieldDefault(Token $name): ?Expression
    {
        $token = $this->parser->peek() ?? $name;
        $opened = $this->parser->peek(1) ?? $name;
        $this->parser->at += 2;
        $value = null;
        while (!$this->parser->is(')') && $this->parser->is('=', 1)) {
            $word = $this->parser->sign();
            $this->parser->at += 2;
            $kind = $this->parser->peek();
            if ('default' === $word) {
                $value = $this->parser->expression();
            } elseif ('default_factory' === $word && $this->parser->accept('lambda')) {
                $this->parser->accept(':');
                $value = $this->parser->expression();
            } elseif ('default_factory' === $word && null !== $kind) {
                ++$this->parser->at;
                $value = match (true) {
                    'list' === $kind->text => new ListLiteral([]),
                    'dict' === $kind->text => new MapLiteral([]),
                    'set' === $kind->text => new Operation(OperationKey::SetOf),
                    'str' === $kind->text => new TextLiteral(''),
                    'int' === $kind->text => new NumberLiteral(0),
                    'float' === $kind->text => new NumberLiteral(0.0),
                    isset($this->parser->classes->parents[$kind->text]) && !isset($this->parser->records->records[$kind->text]) => new MakeObject($kind->text),
                    default => $this->parser->fail('unsupported', $token, ['what' => 'field(…)']),
                };
            } elseif ('compare' === $word && 'False' === $kind?->text) {
                ++$this->parser->at;
                $this->uncompared["{$this->parser->class}.$name->text"] = true;
            } elseif ('repr' === $word && 'False' === $kind?->text && 1 !== preg_match('/\b__(?:repr|str)__\b/', $this->parser->text)) {
                ++$this->parser->at;
                $this->unshown["{$this->parser->class}.$name->text"] = true;
            } elseif (\in_array($word, ['compare', 'repr', 'init', 'hash'], true) && 'True' === $kind?->text) {
                ++$this->parser->at;
            } else {
                $this->parser->fail('unsupported', $token, ['what' => 'field(…)']);
            }
            $this->parser->accept(',');
        }
        if (!$this->parser->is(')')) {
            $this->parser->fail('unsupported', $token, ['what' => 'field(…)']);
        }
        $this->parser->close($opened);

        return $value;
    }
}
