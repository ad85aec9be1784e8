<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\ValueOperation;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\OperationKey;

/** What a language brings along, as far as programs can use it here: read off the spellings of the operations. */
final class Library
{
    /** Themes whose operations are for one kind of value. */
    private const KINDS = ['texts' => 'text', 'lists' => 'list', 'maps' => 'map', 'fittings' => 'part'];
    /** Words that stand in no spelling, the most used first. */
    private const FURTHER = [
        'python' => ['print', 'range', 'str', 'len', 'int', 'input'],
        'javascript' => ['console', 'Math', 'prompt', 'Number', 'String', 'parseInt', 'Array', 'Object'],
        'cpp' => ['cout', 'endl', 'cin', 'vector', 'string', 'to_string', 'getline', 'map', 'std'],
    ];
    /** Further ones, behind those that the operations name. */
    private const LESSER = [
        'python' => ['isinstance', 'reversed', 'map', 'filter', 'set', 'deque', 'Counter', 'defaultdict', 'namedtuple', 'reduce', 'exit', 'sleep'],
        'javascript' => ['JSON', 'Infinity', 'NaN', 'process'],
        'cpp' => ['printf', 'swap', 'rand', 'time', 'pair', 'set', 'find', 'array', 'stack', 'queue', 'deque', 'make_pair', 'accumulate', 'max_element', 'min_element', 'count_if', 'any_of', 'all_of', 'find_if', 'fill', 'pow', 'unordered_map', 'unordered_set', 'priority_queue', 'size_t', 'ostream', 'istream', 'ostringstream', 'istringstream', 'function', 'unique_ptr', 'make_unique', 'shared_ptr', 'make_shared', 'move', 'assert', 'puts', 'putchar', 'strlen', 'tuple', 'get', 'tie', 'numeric_limits', 'INT_MAX', 'INT_MIN', 'list', 'optional'],
    ];
    private const MEMBERS = ['javascript' => ['console' => ['log'], 'Math' => ['floor', 'random', 'max', 'min', 'round', 'abs', 'sqrt', 'PI', 'pow', 'ceil']], 'cpp' => [], 'python' => ['math' => ['sqrt', 'pi', 'floor', 'ceil'], 'random' => ['randint', 'choice', 'random', 'shuffle'], 'time' => ['sleep']]];
    /** Methods that stand in no spelling. */
    private const METHODS = ['python' => [], 'javascript' => ['list' => ['map', 'filter', 'forEach']], 'cpp' => ['text' => ['find', 'substr', 'at']]];

    /** @var array<string, self> by language */
    private static array $all = [];

    /** @var array<string, ValueOperation|null> functions by name */
    public array $functions = [];
    /** @var array<string, array<string, ValueOperation|null>> by the name before the point: `math` */
    public array $things = [];
    /** @var array<string, array<string, ValueOperation|null>> by the kind of value before the point */
    public array $methods = ['text' => [], 'list' => [], 'map' => [], 'part' => [], 'any' => []];

    private function __construct(Language $language)
    {
        $this->functions = array_fill_keys(self::FURTHER[$language->value], null);
        foreach (self::MEMBERS[$language->value] as $thing => $members) {
            $this->things[$thing] = array_fill_keys($members, null);
        }
        foreach (self::METHODS[$language->value] as $kind => $names) {
            $this->methods[$kind] = array_fill_keys($names, null);
        }
        foreach (ValueOperations::byTheme() as $theme => $operations) {
            $kind = self::KINDS[$theme] ?? 'any';
            foreach ($operations as $operation) {
                foreach ($operation->spellings[$language->value] as $spelling) {
                    $this->read($spelling, $kind, $operation);
                }
            }
        }
        $this->functions += array_fill_keys([...self::LESSER[$language->value], ...FailureNames::all($language)], null);
    }

    public static function of(Language $language): self
    {
        return self::$all[$language->value] ??= new self($language);
    }

    private function read(string $spelling, string $section, ValueOperation $operation): void
    {
        $plain = (string) preg_replace('/^(?:\d+\|)?(?:\w+\?)?(?:\d+\|)?/', '', $spelling);
        if (1 === preg_match('/^(?:await )?\{[01](?::\w+)?\}\.(\w+)/', $plain, $match)) {
            $kind = 1 === preg_match('/^(text|list|map)s?\?/', $spelling, $for) ? $for[1] : $section;
            $this->methods[OperationKey::Joined === $operation->key && str_starts_with($plain, '{1}') ? 'text' : (OperationKey::Joined === $operation->key ? 'list' : $kind)][$match[1]] ??= $operation;
        }
        // `{0}.begin()` stands inside of others.
        if (preg_match_all('/(?<=.)\{0(?::\w+)?\}\.(\w+)/', $plain, $matches)) {
            foreach ($matches[1] as $name) {
                $this->methods[$section][$name] ??= $operation;
            }
        }
        if (preg_match_all('/(?<![.\w@{}])([A-Za-z_]\w*)\.([A-Za-z_]\w*)/', $plain, $matches, \PREG_SET_ORDER)) {
            foreach ($matches as [, $thing, $member]) {
                $this->things[$thing][$member] ??= $operation;
            }
        }
        if (preg_match_all('/(?<![.\w@])([A-Za-z_]\w*)(?=\()/', $plain, $matches)) {
            foreach ($matches[1] as $name) {
                $this->functions[$name] ??= $operation;
            }
        }
    }

    /** @return array<string, ValueOperation|null> what a value of a kind can do, those of its own kind first */
    public function methodsOf(?string $kind): array
    {
        return null === $kind ? array_merge(...array_values($this->methods)) : $this->methods[$kind] + $this->methods['any'];
    }
}
