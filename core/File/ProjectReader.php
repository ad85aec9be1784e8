<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Filling;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\Language\Expression\ExpressionReader;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\WhileLoop;

/** Reads the project file. Whatever it is given, it gives a well-formed program or says where the file is wrong. */
final class ProjectReader
{
    public const LARGEST = 2_000_000;
    private const LONGEST_NAME = 80;

    private int $nextId = 1;
    /** @var list<string> */
    private array $path = [];

    private function __construct(private readonly bool $keepIds)
    {
    }

    /**
     * @return array{string, Program} the project's name, and its program with new ids
     *
     * @throws Refusal
     */
    public static function read(string $json): array
    {
        $reader = new self(false);
        $data = $reader->decode($json);
        $name = $data['name'] ?? '';
        if (!\is_string($name) || mb_strlen($name) > self::LONGEST_NAME) {
            throw new Refusal('file.text', ['name' => 'name', 'longest' => self::LONGEST_NAME, 'path' => 'name']);
        }

        return [trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $name)), $reader->program($reader->member($data, 'program'))];
    }

    /** Reads what ProjectWriter::kept wrote. */
    public static function kept(string $json): Program
    {
        return (new self(true))->program(json_decode($json, true, 128, \JSON_THROW_ON_ERROR), false);
    }

    /**
     * Rows of a clipboard.
     *
     * @return list<Statement>
     *
     * @throws Refusal
     */
    public static function rows(string $json): array
    {
        $reader = new self(false);

        return $reader->block($reader->decode($json), 'rows')->statements;
    }

    /** @return array<mixed> */
    private function decode(string $json): array
    {
        if (\strlen($json) > self::LARGEST) {
            throw new Refusal('file.large', ['most' => intdiv(self::LARGEST, 1000)]);
        }
        $data = json_decode($json, true, 128);
        if (!\is_array($data)) {
            throw new Refusal('file.no_json');
        }
        if (ProjectWriter::FORMAT !== ($data['format'] ?? null)) {
            throw new Refusal('file.other');
        }
        if (ProjectWriter::VERSION !== ($data['version'] ?? null)) {
            throw new Refusal('file.version', ['version' => ProjectWriter::VERSION]);
        }

        return $data;
    }

    private function program(mixed $data, bool $check = true): Program
    {
        $functions = [];
        foreach ($this->block($data, 'functions')->statements as $function) {
            $functions[] = $function instanceof FunctionDefinition ? $function : throw $this->wrong('file.row', ['row' => $function->entry()]);
        }
        $script = $this->at('script', fn () => $this->row($this->member($data, 'script')));
        if (!$script instanceof Script) {
            throw $this->wrong('file.wrong');
        }
        $next = \is_array($data) && \is_int($data['nextId'] ?? null) && $this->keepIds ? $data['nextId'] : $this->nextId;
        $program = new Program($functions, $script, $next);
        if ($check) {
            Rules::check($program);
        }

        return $program;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    private function at(string $step, \Closure $read): mixed
    {
        $this->path[] = $step;
        if (\count($this->path) > 2 * (Editor::DEEPEST + ExpressionReader::DEEPEST) + 8) {
            throw $this->wrong('file.deep');
        }
        try {
            return $read();
        } catch (Refusal $refusal) {
            throw isset($refusal->parameters['path']) ? $refusal : new Refusal($refusal->key, [...$refusal->parameters, 'path' => implode(' › ', $this->path)]);
        } finally {
            array_pop($this->path);
        }
    }

    /** @param array<string, string|int> $parameters */
    private function wrong(string $key, array $parameters = []): Refusal
    {
        return new Refusal($key, [...$parameters, 'path' => implode(' › ', $this->path)]);
    }

    private function member(mixed $data, string $name): mixed
    {
        if (!\is_array($data) || !\array_key_exists($name, $data)) {
            throw $this->wrong('file.missing', ['name' => $name]);
        }

        return $data[$name];
    }

    private function text(mixed $data, string $name, int $longest): string
    {
        $text = $this->member($data, $name);
        if (!\is_string($text) || mb_strlen($text) > $longest || 1 === preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $text)) {
            throw $this->wrong('file.text', ['name' => $name, 'longest' => $longest]);
        }

        return $text;
    }

    private function name(mixed $data, string $name): string
    {
        return Names::check($this->text($data, $name, Names::LONGEST));
    }

    private function block(mixed $data, string $name): Block
    {
        $rows = $this->member($data, $name);
        if (!\is_array($rows) || !array_is_list($rows)) {
            throw $this->wrong('file.list', ['name' => $name]);
        }
        $statements = [];
        foreach ($rows as $index => $row) {
            $statements[] = $this->at($name.' '.($index + 1), fn () => $this->row($row));
        }

        return new Block($statements);
    }

    private function row(mixed $data): Statement
    {
        $key = $this->member($data, 'row');
        \assert(\is_array($data));
        $id = $this->keepIds && \is_int($data['id'] ?? null) ? $data['id'] : $this->nextId++;
        $off = $data['off'] ?? false;
        if (!\is_string($key) || !\is_bool($off)) {
            throw $this->wrong('file.wrong');
        }
        if ($this->nextId > Editor::MOST_ROWS + 1) {
            throw new Refusal('rule.many_rows', ['most' => Editor::MOST_ROWS]);
        }
        $entry = Catalogue::find($key);
        if (null !== $entry && $entry->command && !$entry->value) {
            $arguments = [];
            foreach ($entry->slots as $slot) {
                $arguments[$slot->name] = $this->blank($data, $slot->name, $key);
            }

            return new Command($id, $key, $arguments, $off);
        }

        return match ($key) {
            'start' => new Script($id, $this->block($data, 'body')),
            'define' => new FunctionDefinition($id, $this->name($data, 'name'), $this->parameters($data), $this->block($data, 'body')),
            'repeat' => new Repeat($id, $this->blank($data, 'times', $key), $this->block($data, 'body'), $off),
            'count' => new Count($id, $this->name($data, 'variable'), $this->blank($data, 'from', $key), $this->blank($data, 'to', $key), $this->blank($data, 'by', $key), $this->block($data, 'body'), $off),
            'while' => new WhileLoop($id, $this->blank($data, 'condition', $key), $this->block($data, 'body'), $off),
            'forever' => new Forever($id, $this->block($data, 'body'), $off),
            'if' => $this->conditional($data, $id, $off),
            'set' => new SetVariable($id, $this->name($data, 'variable'), $this->blank($data, 'value', $key), $off),
            'change' => new ChangeVariable($id, $this->name($data, 'variable'), $this->blank($data, 'amount', $key), $off),
            'share' => new ShareVariable($id, $this->name($data, 'variable'), $off),
            'call' => new OwnCall($id, $this->name($data, 'function'), $this->expressions($data, 'arguments'), $off),
            'return' => new GiveBack($id, $this->blank($data, 'value', $key), $off),
            'leave' => new LeaveFunction($id, $off),
            'break' => new BreakLoop($id, $off),
            'continue' => new ContinueLoop($id, $off),
            'print' => new PrintLine($id, $this->blank($data, 'value', $key), $off),
            'comment' => new Comment($id, (string) preg_replace('/\s+/', ' ', $this->text($data, 'text', Filling::LONGEST_REMARK)), $off),
            default => throw $this->wrong('file.row', ['row' => mb_substr($key, 0, 40)]),
        };
    }

    /** @return list<string> */
    private function parameters(mixed $data): array
    {
        $names = $this->member($data, 'parameters');
        if (!\is_array($names) || !array_is_list($names) || \count($names) > Filling::MOST_PARAMETERS || \count(array_unique($names, \SORT_REGULAR)) !== \count($names)) {
            throw $this->wrong('file.list', ['name' => 'parameters']);
        }

        return array_map(static fn (mixed $name): string => Names::check(\is_string($name) ? $name : ''), $names);
    }

    private function conditional(mixed $data, int $id, bool $off): Conditional
    {
        $branches = [];
        $list = $this->member($data, 'branches');
        foreach (\is_array($list) ? $list : [] as $branch) {
            $branches[] = new Branch($this->blank($branch, 'condition', 'if'), $this->block($branch, 'then'));
        }
        if ([] === $branches) {
            throw $this->wrong('file.list', ['name' => 'branches']);
        }

        return new Conditional($id, $branches, \is_array($data) && isset($data['otherwise']) ? $this->block($data, 'otherwise') : null, $off);
    }

    private function blank(mixed $data, string $name, string $key): Expression
    {
        return $this->at($name, function () use ($data, $name, $key): Expression {
            $value = $this->expression($this->member($data, $name), 1);
            $slot = Catalogue::get($key)->slot($name);
            if (null !== $slot && $slot->type->holdsExpression() && !($value instanceof VariableRead)) {
                $static = match (true) {
                    $value instanceof TextLiteral => StaticType::Text,
                    $value instanceof TruthLiteral, $value instanceof Unary && UnaryOperator::Not === $value->operator => StaticType::Truth,
                    $value instanceof Binary && Operator::Join === $value->operator => StaticType::Text,
                    $value instanceof Binary && !$value->operator->isArithmetic() => StaticType::Truth,
                    default => StaticType::Number,
                };
                if (SlotType::Colour === $slot->type && $value instanceof TextLiteral) {
                    $colour = Ink::canonical($value->value) ?? throw new Refusal('blank.not_colour');

                    return new TextLiteral($colour);
                }
                Filling::check($value, $slot->type, $static);
            }

            return $value;
        });
    }

    /** @return list<Expression> */
    private function expressions(mixed $data, string $name, int $depth = 1): array
    {
        $list = $this->member($data, $name);
        if (!\is_array($list) || !array_is_list($list)) {
            throw $this->wrong('file.list', ['name' => $name]);
        }

        return array_map(fn (mixed $value): Expression => $this->expression($value, $depth), $list);
    }

    private function expression(mixed $data, int $depth): Expression
    {
        if ($depth > ExpressionReader::DEEPEST) {
            throw $this->wrong('file.deep');
        }
        if (\is_int($data) || \is_float($data)) {
            return new NumberLiteral($data);
        }
        if (\is_string($data)) {
            if (mb_strlen($data) > ExpressionReader::LONGEST || 1 === preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $data)) {
                throw new Refusal('blank.long', ['longest' => ExpressionReader::LONGEST]);
            }

            return new TextLiteral($data);
        }
        if (\is_bool($data)) {
            return new TruthLiteral($data);
        }
        if (!\is_array($data)) {
            throw $this->wrong('file.wrong');
        }
        if (isset($data['variable'])) {
            return new VariableRead($this->name($data, 'variable'));
        }
        if (isset($data['random'])) {
            [$from, $to] = $this->pair($this->expressions($data, 'random', $depth + 1));

            return new RandomWhole($from, $to);
        }
        $of = $this->expressions($data, 'of', $depth + 1);
        if (isset($data['function'])) {
            return new OwnValue($this->name($data, 'function'), $of);
        }
        if (isset($data['command'])) {
            $entry = \is_string($data['command']) ? Catalogue::find($data['command']) : null;

            return null !== $entry && $entry->command && $entry->value && [] === $of ? new CommandValue($entry->key) : throw $this->wrong('file.wrong');
        }
        $key = $data['operator'] ?? null;
        $unary = \is_string($key) ? UnaryOperator::tryFrom($key) : null;
        if (null !== $unary) {
            return 1 === \count($of) ? new Unary($unary, $of[0]) : throw $this->wrong('file.wrong');
        }
        $operator = (\is_string($key) ? Operator::tryFrom($key) : null) ?? throw $this->wrong('file.wrong');
        [$left, $right] = $this->pair($of);

        return new Binary($operator, $left, $right);
    }

    /**
     * @param list<Expression> $expressions
     *
     * @return array{Expression, Expression}
     */
    private function pair(array $expressions): array
    {
        return 2 === \count($expressions) ? [$expressions[0], $expressions[1]] : throw $this->wrong('file.wrong');
    }
}
