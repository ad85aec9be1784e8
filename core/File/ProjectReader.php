<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Edit\Filling;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\Language\Expression\ExpressionReader;
use Scrivlet\Core\Language\Handwriting\Fingerprints;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Form;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Model;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** Reads the project file. Whatever it is given, it gives a well-formed program or says where the file is wrong. */
final class ProjectReader
{
    /** Of files older than today's the names are others, and fingerprints were taken in other ways. */
    private int $version = Form::VERSION;
    private int $nextId = 1;
    /** Whether a person typed the program, so that its names are those of one language only. */
    private bool $isTyped = false;
    /** @var array<int, int> new ids by the file's */
    private array $ids = [];
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
        if (!\is_string($name) || mb_strlen($name) > Bounds::TITLE) {
            throw new Refusal('file.text', ['name' => 'name', 'longest' => Bounds::TITLE, 'path' => 'name']);
        }

        return [trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $name)), $reader->program($reader->member($data, 'program'))];
    }

    /**
     * Reads what ProjectWriter::kept wrote, now or ever: whatever it was, it opens, at worst as its text.
     */
    public static function kept(string $json): Program
    {
        $data = json_decode($json, true, 8 * Bounds::JSON);
        $reader = new self(true);
        $form = \is_array($data) ? $data['form'] ?? 1 : 1;
        $reader->version = \is_int($form) ? $form : 1;
        try {
            $program = $reader->program($data, false);

            // Earlier versions stored what they themselves refused to read.
            return 1 === $reader->version && !Salvage::isSound($program) ? Salvage::of($data, $json) : $program;
        } catch (Refusal) {
            return Salvage::of($data, $json);
        }
    }

    /** Whether what is kept is in the form of today. */
    public static function isCurrent(string $json): bool
    {
        return str_starts_with($json, '{"form":'.Form::VERSION.',');
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

        $data = $reader->decode($json);

        return $reader->block($reader->version < 3 ? Names2::renamed($data) : $data, 'rows')->statements;
    }

    /** @return array<mixed> */
    private function decode(string $json): array
    {
        if (\strlen($json) > Bounds::FILE) {
            throw new Refusal('file.large', ['most' => intdiv(Bounds::FILE, 1000)]);
        }
        $data = json_decode($json, true, Bounds::JSON);
        if (!\is_array($data)) {
            throw new Refusal('file.no_json');
        }
        if (ProjectWriter::FORMAT !== ($data['format'] ?? null)) {
            throw new Refusal('file.other');
        }
        $version = $data['version'] ?? null;
        if (!\is_int($version) || $version < 1 || $version > Form::VERSION) {
            throw new Refusal('file.version', ['version' => Form::VERSION]);
        }
        $this->version = $version;

        return $data;
    }

    private function program(mixed $data, bool $check = true): Program
    {
        $data = \is_array($data) && $this->version < 3 ? Names2::renamed($data) : $data;
        // Of a text that is none nothing is left when it is written again.
        $this->isTyped = $this->keepIds || \is_array($data) && \is_array($data['handwriting'] ?? null) && [] !== $data['handwriting'];
        $functions = [];
        foreach ($this->block($data, 'functions')->statements as $row) {
            $functions[] = $row instanceof FunctionDefinition || $this->isTyped ? $row : throw $this->wrong('file.row', ['row' => $row->entry()]);
        }
        $below = \is_array($data) && isset($data['below']) ? $this->block($data, 'below')->statements : [];
        $script = $this->at('script', fn () => $this->row($this->member($data, 'script')));
        if (!$script instanceof Script) {
            throw $this->wrong('file.wrong');
        }
        $next = \is_array($data) && \is_int($data['nextId'] ?? null) && $this->keepIds ? $data['nextId'] : $this->nextId;
        $program = new Program($functions, $script, $next, $below, $this->handwritings($data), $this->hands($data), $this->models($data), $this->setting($data));
        if (!$this->keepIds || $this->version < Form::VERSION) {
            $program = $this->renumbered($program);
        }
        if ($check) {
            Rules::check($program);
        }

        return $program;
    }

    private function setting(mixed $data): Setting
    {
        $setting = \is_array($data) ? $data['setting'] ?? [] : [];
        if (!\is_array($setting)) {
            throw $this->wrong('file.wrong');
        }
        $scene = SceneName::tryFrom(\is_string($setting['scene'] ?? 'sheet') ? $setting['scene'] ?? 'sheet' : '') ?? throw $this->wrong('file.wrong');
        $layouts = $setting['layouts'] ?? [];
        if (!\is_array($layouts) || !array_is_list($layouts)) {
            throw $this->wrong('file.wrong');
        }
        $texts = array_map(fn (mixed $layout): string => \is_string($layout) ? $layout : throw $this->wrong('file.wrong'), $layouts);

        return Settings::checked(new Setting($scene->value, $texts, true === ($setting['asks'] ?? false)));
    }

    /** @return array<string, Handwriting> */
    private function handwritings(mixed $data): array
    {
        $all = [];
        foreach (\is_array($data) && \is_array($data['handwriting'] ?? null) ? $data['handwriting'] : [] as $language => $kept) {
            $language = Language::tryFrom((string) $language)->value ?? throw $this->wrong('file.wrong');
            $text = $this->member($kept, 'text');
            $pieces = [];
            $offset = 0;
            $list = $this->member($kept, 'pieces');
            foreach (\is_array($list) ? $list : [] as $piece) {
                [$id, $part, $start, $coreStart, $coreEnd, $fingerprint, $parent, $tight] = \is_array($piece) ? [...array_values($piece), null, null, null, null, null, null, null, null] : throw $this->wrong('file.wrong');
                $known = fn (mixed $id): int => \is_int($id) ? ($this->keepIds ? $id : $this->ids[$id] ?? 0) : throw $this->wrong('file.wrong');
                if (!\is_string($part) || !\is_int($start) || !\is_int($coreStart) || !\is_int($coreEnd) || !\is_int($fingerprint) || !\is_string($text)
                    || $start < $offset || $coreStart < $start || $coreEnd < $coreStart || $coreEnd > \strlen($text)) {
                    throw $this->wrong('file.wrong');
                }
                $pieces[] = new Piece($known($id), $part, $start, $coreStart, $coreEnd, $fingerprint, $known($parent), 1 === $tight);
                $offset = $coreEnd;
            }
            $all[$language] = new Handwriting(\is_string($text) && ($this->keepIds || \strlen($text) <= Bounds::TEXT) ? $text : throw $this->wrong('file.wrong'), $pieces);
        }

        return $all;
    }

    /** Fingerprints are taken again where they were taken in another way, or of rows on one line, which have new ids now. */
    private function renumbered(Program $program): Program
    {
        $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $rows[$row->id] = $row;
        }
        $old = array_flip($this->ids);
        $fingerprints = new Fingerprints();
        $before = $this->version < 3 ? new Fingerprints(Names2::before(...)) : $fingerprints;
        foreach ($program->handwriting as $language => $handwriting) {
            $pieces = [];
            foreach ($handwriting->pieces as $piece) {
                $row = $rows[$piece->id] ?? null;
                $was = match (true) {
                    null === $row => $piece->fingerprint,
                    1 === $this->version => Fingerprints1::of($row, $piece->part, $piece->tight, $old),
                    default => $before->of($row, $piece->part, $piece->tight, $old),
                };
                // What did not fit any more fits nothing.
                $is = null === $row ? $was : ($piece->fingerprint === $was ? $fingerprints->of($row, $piece->part, $piece->tight) : 0);
                $pieces[] = new Piece($piece->id, $piece->part, $piece->start, $piece->coreStart, $piece->coreEnd, $is, $piece->parent, $piece->tight);
            }
            $program = $program->withHandwriting($language, new Handwriting($handwriting->text, $pieces));
        }

        return $program;
    }

    /** @return array<int, Hand> */
    private function hands(mixed $data): array
    {
        $hands = [];
        foreach (\is_array($data) && \is_array($data['hands'] ?? null) ? $data['hands'] : [] as $pair) {
            [$id, $hand] = \is_array($pair) && \is_int($pair[0] ?? null) && \is_string($pair[1] ?? null) ? $pair : throw $this->wrong('file.wrong');
            $hands[$this->keepIds ? $id : $this->ids[$id] ?? 0] = Hand::tryFrom($hand) ?? throw $this->wrong('file.wrong');
        }
        unset($hands[0]);

        return $hands;
    }

    /** @return array<int, Model> */
    private function models(mixed $data): array
    {
        $models = [];
        $known = fn (mixed $id): int => \is_int($id) ? ($this->keepIds ? $id : $this->ids[$id] ?? 0) : throw $this->wrong('file.wrong');
        foreach (\is_array($data) && \is_array($data['models'] ?? null) ? $data['models'] : [] as $model) {
            $language = Language::tryFrom(\is_string($language = $this->member($model, 'language')) ? $language : '')->value ?? throw $this->wrong('file.wrong');
            $id = $known($this->member($model, 'id'));
            $kept = [$this->ids, $this->nextId];
            $row = \is_array($model) && isset($model['row']) ? $this->at('models', fn (): Statement => $this->row($model['row'])->withId($id)) : null;
            // It stands beside the program, not in it.
            [$this->ids, $this->nextId] = $kept;
            $models[$id] = new Model($language, $row, \is_array($model) && isset($model['of']) ? $known($model['of']) : null);
        }
        unset($models[0]);

        return $models;
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
        if (\count($this->path) > 2 * Bounds::NESTING + 8 && !$this->keepIds) {
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
        if (!\is_string($text) || !$this->keepIds && (mb_strlen($text) > $longest || !$this->isTyped && 1 === preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $text))) {
            throw $this->wrong('file.text', ['name' => $name, 'longest' => $longest]);
        }

        return $text;
    }

    /** The name of a function, or of a class and its method with a point between. */
    private function functionName(mixed $data, string $name): string
    {
        $parts = explode('.', $this->text($data, $name, 2 * Bounds::NAME + 1), 2);
        $method = $parts[1] ?? null;
        if (null === $method) {
            return $this->checked($this->text($data, $name, Bounds::NAME));
        }

        return $this->checked($parts[0]).'.'.(\in_array($method, ClassDefinition::SPECIAL, true) ? $method : $this->checked($method));
    }

    /** @param array<mixed> $data of a class */
    private function parent(array $data): string
    {
        if (!isset($data['parent'])) {
            return '';
        }
        if (ClassDefinition::RECORD === $data['parent']) {
            return ClassDefinition::RECORD;
        }
        $kind = \is_string($data['parent']) && str_starts_with($data['parent'], '@') ? FailureKind::tryFrom(substr($data['parent'], 1)) : null;

        return null === $kind ? $this->name($data, 'parent') : "@$kind->value";
    }

    private function name(mixed $data, string $name): string
    {
        return $this->checked($this->text($data, $name, Bounds::NAME));
    }

    private function checked(string $name): string
    {
        if ($this->keepIds) {
            return $name;
        }
        if (1 === substr_count($name, '.')) {
            // What a class keeps for all its objects.
            return implode('.', array_map($this->checked(...), explode('.', $name)));
        }
        if ($this->isTyped) {
            return 1 === preg_match('/^[A-Za-z_$\x{80}-\x{10FFFF}][\w$\x{80}-\x{10FFFF}]*$/uD', $name) ? $name : throw new Refusal('name.letters', ['name' => $name]);
        }

        return Names::check($name);
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
        if (\is_int($data['id'] ?? null)) {
            $this->ids[$data['id']] = $id;
        }
        $off = $data['off'] ?? false;
        if (!\is_string($key) || !\is_bool($off)) {
            throw $this->wrong('file.wrong');
        }
        if ($this->nextId > Bounds::ROWS + 1 && !$this->keepIds) {
            throw new Refusal('rule.many_rows', ['most' => Bounds::ROWS]);
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
            'on_tapped', 'on_light', 'on_announced' => new Handler($id, $key, $this->blank($data, Handler::EVENTS[$key][1], $key), $this->block($data, 'body'), $off),
            'start' => new Script($id, $this->block($data, 'body')),
            'define' => new FunctionDefinition($id, $this->functionName($data, 'name'), $this->names($data, 'parameters'), $this->block($data, 'body'), $off, $this->defaults($data), $this->types($data), match ($data['sort'] ?? '') {
                'asked' => 'asked', 'shared' => 'shared', 'shared_asked' => 'shared_asked', 'set' => 'set', 'remembered' => 'remembered', 'tied' => 'tied', 'async' => 'async', 'held' => 'held', default => '',
            }, isset($data['rest']) ? $this->name($data, 'rest') : ''),
            'repeat' => new Repeat($id, $this->blank($data, 'times', $key), $this->block($data, 'body'), $off, isset($data['turn']) ? $this->name($data, 'turn') : null),
            'count' => new Count($id, $this->name($data, 'variable'), $this->blank($data, 'from', $key), $this->blank($data, 'to', $key), $this->blank($data, 'by', $key), $this->block($data, 'body'), $off),
            'while' => new WhileLoop($id, $this->blank($data, 'condition', $key), $this->block($data, 'body'), $off),
            'forever' => new Forever($id, $this->block($data, 'body'), $off),
            'if' => $this->conditional($data, $id, $off),
            'set' => new SetVariable($id, $this->name($data, 'variable'), $this->blank($data, 'value', $key), $off, isset($data['declared']) ? $this->text($data, 'declared', Bounds::TEXT) : null),
            'change' => new ChangeVariable($id, $this->name($data, 'variable'), $this->blank($data, 'amount', $key), $off),
            'share' => new ShareVariable($id, $this->name($data, 'variable'), $off),
            'call' => new OwnCall($id, $this->functionName($data, 'function'), $this->expressions($data, 'arguments'), $off),
            'return' => new GiveBack($id, $this->blank($data, 'value', $key), $off),
            'leave' => new LeaveFunction($id, $off),
            'break' => new BreakLoop($id, $off),
            'continue' => new ContinueLoop($id, $off),
            'print' => new PrintLine($id, $this->printed($data), $off),
            'comment' => new Comment($id, $this->isTyped ? $this->text($data, 'text', Bounds::TEXT) : (string) preg_replace('/\s+/', ' ', $this->text($data, 'text', Filling::LONGEST_REMARK)), $off),
            'print_on' => new PrintLine($id, $this->printed($data), $off, false),
            'with' => new Holding($id, $this->name($data, 'variable'), $this->blank($data, 'value', $key), $this->block($data, 'body'), $off),
            'for_each' => new EachLoop($id, $this->names($data, 'variables', $this->isTyped) ?: throw $this->wrong('file.wrong'), $this->blank($data, 'over', $key), $this->block($data, 'body'), $off, true === ($data['refers'] ?? false)),
            'for' => new ForLoop($id, $this->name($data, 'variable'), $this->blank($data, 'from', $key), $this->blank($data, 'condition', $key), $this->operator($data) ?? Operator::Add, $this->blank($data, 'amount', $key), $this->block($data, 'body'), $off),
            'do_while' => new DoWhile($id, $this->blank($data, 'condition', $key), $this->block($data, 'body'), $off),
            'set_item' => new SetItem($id, $this->target($this->blank($data, 'target', $key)), $this->blank($data, 'value', $key), $this->operator($data), $off),
            'set_several' => $this->several($data, $id, $off),
            'perform' => new Perform($id, $this->blank($data, 'value', $key), $off),
            'class' => new ClassDefinition($id, $this->name($data, 'name'), $this->parent($data), $this->block($data, 'body'), $off),
            'keeps' => new FieldDeclaration($id, $this->name($data, 'name'), isset($data['type']) ? $this->text($data, 'type', Bounds::TEXT) : null, \array_key_exists('value', $data) ? $this->blank($data, 'value', $key) : null, $off),
            'try' => $this->attempt($data, $id, $off),
            'raise_object' => new RaiseObject($id, $this->blank($data, 'object', $key), $off),
            'raise' => new Raise($id, FailureKind::tryFrom($this->text($data, 'kinds', 20)) ?? throw $this->wrong('file.wrong'), $this->blank($data, 'says', $key), $off),
            'pass_on' => new PassOn($id, $off),
            'claim' => new Claim($id, $this->blank($data, 'condition', $key), isset($data['says']) ? $this->blank($data, 'says', $key) : null, $off),
            'import' => new Import($id, $this->text($data, 'text', Bounds::TEXT), $this->language($data), $off),
            'declare' => new Declaration($id, $this->name($data, 'variable'), isset($data['type']) ? $this->text($data, 'type', Bounds::TEXT) : null, $off),
            'pass' => new Pass($id, $off),
            'unread' => new Unread($id, $this->raw($data, 'text'), $this->language($data), isset($data['body']) ? $this->block($data, 'body') : null, $off, isset($data['fails']) ? FailureKind::tryFrom($this->text($data, 'fails', 20)) ?? throw $this->wrong('file.wrong') : null),
            default => $this->changed($data, $key, $id, $off) ?? throw $this->wrong('file.row', ['row' => mb_substr($key, 0, 40)]),
        };
    }

    /** @param array<mixed> $data */
    private function changed(array $data, string $key, int $id, bool $off): ?ChangeVariable
    {
        $operator = str_starts_with($key, 'change_') ? Operator::tryFrom(substr($key, \strlen('change_'))) : null;

        return null === $operator || !$operator->isArithmetic() && Operator::Join !== $operator ? null : new ChangeVariable($id, $this->name($data, 'variable'), $this->blank($data, 'amount', $key), $off, $operator);
    }

    /**
     * @param array<mixed> $data
     *
     * @return Expression|list<Expression>
     */
    private function printed(array $data): Expression|array
    {
        return isset($data['values']) ? $this->expressions($data, 'values') : $this->blank($data, 'value', 'print');
    }

    private function language(mixed $data): string
    {
        $language = $this->member($data, 'language');

        return \is_string($language) && null !== Language::tryFrom($language) ? $language : throw $this->wrong('file.wrong');
    }

    private function raw(mixed $data, string $name): string
    {
        $text = $this->member($data, $name);

        return \is_string($text) && ($this->keepIds || \strlen($text) <= Bounds::TEXT) ? $text : throw $this->wrong('file.wrong');
    }

    /** @param array<mixed> $data */
    private function operator(array $data): ?Operator
    {
        if (!isset($data['operator'])) {
            return null;
        }

        $operator = \is_string($data['operator']) ? Operator::tryFrom($data['operator']) : null;

        return null !== $operator && ($operator->isArithmetic() || Operator::Join === $operator) ? $operator : throw $this->wrong('file.wrong');
    }

    /** What can be given a value that is no variable alone. */
    private function target(Expression $target, bool $orVariable = false): Expression
    {
        return $target instanceof Item || $target instanceof Field || $orVariable && $target instanceof VariableRead ? $target : throw $this->wrong('file.wrong');
    }

    /** @param array<mixed> $data */
    private function several(array $data, int $id, bool $off): SetSeveral
    {
        $targets = array_map(fn (Expression $target): Expression => $this->target($target, true), $this->expressions($data, 'targets'));
        $values = $this->expressions($data, 'values');

        return [] !== $targets && (1 === \count($values) || \count($values) === \count($targets)) ? new SetSeveral($id, $targets, $values, $off) : throw $this->wrong('file.wrong');
    }

    /**
     * @param array<mixed> $data
     *
     * @return array<string, Expression>
     */
    private function defaults(array $data): array
    {
        $defaults = [];
        foreach (\is_array($data['defaults'] ?? null) ? $data['defaults'] : [] as $name => $value) {
            $defaults[$this->checked((string) $name)] = $this->expression($value, 1);
        }

        return $defaults;
    }

    /**
     * @param array<mixed> $data
     *
     * @return array<string, string>
     */
    private function types(array $data): array
    {
        $types = [];
        foreach (\is_array($data['types'] ?? null) ? $data['types'] : [] as $name => $type) {
            if ('' === $type) {
                // Kept once where a type was written wrongly.
                continue;
            }
            $types[(string) $name] = \is_string($type) && TypeNames::isWritten($type) ? $type : throw $this->wrong('file.wrong');
        }

        return $types;
    }

    /** @return list<string> */
    private function names(mixed $data, string $name, bool $mayRepeat = false): array
    {
        $names = $this->member($data, $name);
        if (!\is_array($names) || !array_is_list($names) || !$this->keepIds && (\count($names) > Bounds::PARAMETERS || !$mayRepeat && \count(array_unique($names, \SORT_REGULAR)) !== \count($names))) {
            throw $this->wrong('file.list', ['name' => $name]);
        }

        return array_map(fn (mixed $name): string => $this->checked(\is_string($name) ? $name : ''), $names);
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

    /** @param array<mixed> $data */
    private function attempt(array $data, int $id, bool $off): Attempt
    {
        $rescues = [];
        $list = $this->member($data, 'rescues');
        foreach (\is_array($list) ? $list : [] as $rescue) {
            $kinds = [];
            foreach (\is_array($rescue) && \is_array($rescue['kinds'] ?? null) ? $rescue['kinds'] : [] as $kind) {
                $kinds[] = \is_string($kind) && str_starts_with($kind, '=') ? $this->checked(substr($kind, 1)) : (\is_string($kind) ? FailureKind::tryFrom($kind) : null) ?? throw $this->wrong('file.wrong');
            }
            $rescues[] = new Rescue($kinds, \is_array($rescue) && isset($rescue['name']) ? $this->name($rescue, 'name') : '', $this->block($rescue, 'body'));
        }
        $finally = isset($data['finally']) ? $this->block($data, 'finally') : null;
        if ([] === $rescues && null === $finally || \count($rescues) > Bounds::PARAMETERS) {
            throw $this->wrong('file.list', ['name' => 'rescues']);
        }

        return new Attempt($id, $this->block($data, 'body'), $rescues, isset($data['unfailed']) ? $this->block($data, 'unfailed') : null, $finally, $off);
    }

    private function blank(mixed $data, string $name, string $key): Expression
    {
        return $this->at($name, function () use ($data, $name, $key): Expression {
            $value = $this->expression($this->member($data, $name), 1);
            $slot = Catalogue::get($key)->slot($name);
            if (null !== $slot && $slot->type->holdsExpression() && !($value instanceof VariableRead) && !$this->isTyped) {
                $static = match (true) {
                    $value instanceof TextLiteral => StaticType::text(),
                    $value instanceof TruthLiteral, $value instanceof Unary && UnaryOperator::Not === $value->operator => StaticType::truth(),
                    $value instanceof Binary && Operator::Join === $value->operator => StaticType::text(),
                    $value instanceof Binary && !$value->operator->isArithmetic() => StaticType::truth(),
                    default => self::answered($value),
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

    /** What a command or an operation gives, where it says so; else it may be a number. */
    private static function answered(Expression $value): StaticType
    {
        $result = match (true) {
            $value instanceof CommandValue => Catalogue::get($value->command)->answers,
            $value instanceof Operation => ValueOperations::get($value->key)->result->value,
            default => null,
        };

        return match ($result) {
            'truth' => StaticType::truth(),
            'text' => StaticType::text(),
            default => StaticType::number(),
        };
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
        if ($depth > Bounds::NESTING && !$this->keepIds) {
            throw $this->wrong('file.deep');
        }
        if (\is_int($data) || \is_float($data)) {
            return new NumberLiteral($data);
        }
        if (\is_string($data)) {
            if (mb_strlen($data) > ($this->isTyped ? Bounds::TEXT : ExpressionReader::LONGEST) || !$this->isTyped && 1 === preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $data)) {
                throw new Refusal('blank.long', ['longest' => ExpressionReader::LONGEST]);
            }

            return new TextLiteral($data);
        }
        if (\is_bool($data)) {
            return new TruthLiteral($data);
        }
        if (null === $data) {
            return new NothingLiteral();
        }
        if (!\is_array($data)) {
            throw $this->wrong('file.wrong');
        }
        $made = $this->made($data, $depth);
        if (null !== $made) {
            return $made;
        }
        $chain = $this->chain($data, $depth);
        if (null !== $chain) {
            return $chain;
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
            return new OwnValue($this->functionName($data, 'function'), $of);
        }
        if (isset($data['kind'])) {
            $kind = $this->text($data, 'kind', Bounds::NAME);

            return 1 === \count($of) ? new KindTest($of[0], \in_array($kind, KindTest::KINDS, true) ? $kind : $this->checked($kind)) : throw $this->wrong('file.wrong');
        }
        if (isset($data['new'])) {
            return new MakeObject($this->name($data, 'new'), $of, true === ($data['copied'] ?? false));
        }
        if (isset($data['field'])) {
            return 1 === \count($of) ? new Field($of[0], $this->name($data, 'field')) : throw $this->wrong('file.wrong');
        }
        if (isset($data['method'])) {
            return [] !== $of ? new MethodCall($of[0], \in_array($data['method'], [MethodCall::CALL, MethodCall::SIGN, ClassDefinition::GOES], true) ? $data['method'] : $this->name($data, 'method'), \array_slice($of, 1)) : throw $this->wrong('file.wrong');
        }
        if (isset($data['command'])) {
            $entry = \is_string($data['command']) ? Catalogue::find($data['command']) : null;

            return null !== $entry && $entry->command && $entry->value && \count($entry->slots) === \count($of) ? new CommandValue($entry->key, $of) : throw $this->wrong('file.wrong');
        }
        $key = $data['operator'] ?? null;
        $unary = \is_string($key) ? UnaryOperator::tryFrom($key) : null;
        if (null !== $unary) {
            return 1 === \count($of) ? new Unary($unary, $of[0]) : throw $this->wrong('file.wrong');
        }
        throw $this->wrong('file.wrong');
    }

    /**
     * Values between operators that group from the left: flat, or two by two as the first version has them.
     *
     * @param array<mixed> $data
     */
    private function chain(array $data, int $depth): ?Expression
    {
        $parts = [];
        while (\is_array($data) && (null !== $operator = Operator::tryFrom(\is_string($data['operator'] ?? null) ? $data['operator'] : ''))) {
            [$data, $right] = \is_array($data['of'] ?? null) && array_is_list($data['of']) && 2 === \count($data['of']) ? $data['of'] : throw $this->wrong('file.wrong');
            array_push($parts, $right, $operator);
        }
        if (\is_array($data) && isset($data['chain'])) {
            $list = $data['chain'];
            if (!\is_array($list) || !array_is_list($list) || \count($list) < 3 || 0 === \count($list) % 2) {
                throw $this->wrong('file.wrong');
            }
            for ($at = \count($list) - 1; $at > 0; $at -= 2) {
                array_push($parts, $list[$at], Operator::tryFrom(\is_string($list[$at - 1]) ? $list[$at - 1] : '') ?? throw $this->wrong('file.wrong'));
            }
            $data = $list[0];
        }
        if ([] === $parts) {
            return null;
        }
        if (\count($parts) > 2 * Bounds::TERMS && !$this->keepIds) {
            throw $this->wrong('file.deep');
        }
        $left = $this->expression($data, $depth + 1);
        for ($at = \count($parts) - 1; $at > 0; $at -= 2) {
            \assert($parts[$at] instanceof Operator);
            $left = new Binary($parts[$at], $left, $this->expression($parts[$at - 1], $depth + 1));
        }

        return $left;
    }

    /**
     * Values that only typed programs have.
     *
     * @param array<mixed> $data
     */
    private function made(array $data, int $depth): ?Expression
    {
        if (isset($data['operation'])) {
            $entry = \is_string($data['operation']) ? ValueOperations::named($data['operation']) : null;
            $of = $this->expressions($data, 'of', $depth + 1);

            return null !== $entry && $entry->takes(\count($of)) ? new Operation($entry->key, $of) : throw $this->wrong('file.wrong');
        }
        if (isset($data['number'])) {
            return new NumberLiteral(match ($data['number']) {
                'infinity' => \INF,
                '-infinity' => -\INF,
                'nan' => \NAN,
                default => throw $this->wrong('file.wrong'),
            });
        }
        if (isset($data['undefined'])) {
            return new NothingLiteral(true);
        }
        if (isset($data['handler'])) {
            return new FunctionReference($this->name($data, 'handler'));
        }
        if (isset($data['letter'])) {
            return new TextLiteral($this->raw($data, 'letter'), true);
        }
        if (isset($data['unread'])) {
            return new UnreadExpression($this->raw($data, 'unread'), isset($data['fails']) ? FailureKind::tryFrom($this->text($data, 'fails', 20)) ?? throw $this->wrong('file.wrong') : null);
        }
        if (isset($data['lambda'])) {
            return new Lambda($this->names($data, 'lambda'), $this->expressions($data, 'of', $depth + 1)[0] ?? throw $this->wrong('file.wrong'));
        }
        foreach (['list', 'map', 'item', 'slice', 'choice', 'collect'] as $kind) {
            if (isset($data[$kind])) {
                $of = $this->expressions($data, $kind, $depth + 1);
                $count = \count($of);

                return match (true) {
                    'list' === $kind => new ListLiteral($of),
                    'map' === $kind && 0 === $count % 2 => new MapLiteral($of),
                    'item' === $kind && 2 === $count => new Item($of[0], $of[1]),
                    'slice' === $kind && 3 === $count => new Slice($of[0], $of[1], $of[2]),
                    'choice' === $kind && 3 === $count => new Choice($of[0], $of[1], $of[2]),
                    'collect' === $kind && (2 === $count || 3 === $count) => new Collected($of[0], $this->name($data, 'each'), $of[1], $of[2] ?? null),
                    default => throw $this->wrong('file.wrong'),
                };
            }
        }

        return null;
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
