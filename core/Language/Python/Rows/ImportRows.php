<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Python\DrawingModule;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Language\Python\PythonStatements;

/** What is brought in. */
final class ImportRows
{
    /** Libraries, and what courses use of them. */
    private const KNOWN = ['random' => ['randint', 'choice', 'random', 'shuffle', 'randrange', 'sample', 'choices', 'uniform', 'seed'], 'math' => ['sqrt', 'isqrt', 'floor', 'ceil', 'pi', 'sin', 'cos', 'radians', 'tan', 'asin', 'acos', 'atan', 'atan2', 'exp', 'log', 'log10', 'log2', 'hypot', 'dist', 'degrees', 'gcd', 'lcm', 'factorial', 'trunc', 'pow', 'fabs', 'inf', 'tau', 'e', 'isnan', 'isfinite', 'isclose', 'prod', 'comb', 'perm'], 'time' => ['sleep', 'time', 'perf_counter', 'monotonic'], 'sys' => ['exit', 'stdin', 'setrecursionlimit'], 'os' => ['remove', 'path'], 'dataclasses' => ['dataclass', 'field', 'asdict', 'astuple', 'FrozenInstanceError'], 're' => ['search', 'match', 'fullmatch', 'findall', 'sub', 'split'], 'string' => ['ascii_lowercase', 'ascii_uppercase', 'ascii_letters', 'digits', 'punctuation'], 'json' => ['dumps', 'loads', 'dump', 'load', 'JSONDecodeError'],
        'statistics' => ['mean', 'fmean', 'median', 'mode', 'stdev', 'pstdev', 'variance', 'pvariance'], 'collections' => ['Counter', 'defaultdict', 'deque', 'namedtuple', 'OrderedDict'], 'itertools' => ['permutations', 'combinations', 'product', 'accumulate', 'chain', 'groupby', 'count', 'zip_longest', 'cycle', 'islice', 'takewhile', 'dropwhile', 'pairwise'],
        'bisect' => ['bisect', 'bisect_left', 'bisect_right', 'insort', 'insort_left', 'insort_right'], 'heapq' => ['heappush', 'heappop', 'heapify', 'nlargest', 'nsmallest'], 'contextlib' => ['contextmanager'], 'functools' => ['lru_cache', 'cache', 'reduce', 'partial', 'wraps', 'total_ordering'], 'operator' => ['itemgetter', 'attrgetter', 'mul', 'add', 'sub', 'truediv', 'floordiv', 'mod', 'pow', 'lt', 'le', 'gt', 'ge', 'eq', 'ne'], 'abc' => ['ABC', 'abstractmethod'], 'enum' => ['Enum', 'auto'], 'copy' => ['copy', 'deepcopy'], 'typing' => ['List', 'Dict', 'Tuple', 'Set', 'Optional', 'Any', 'Union', 'Callable', 'Iterable', 'NamedTuple', 'ClassVar', 'Final', 'Sequence', 'Mapping', 'Iterator', 'Generator', 'Literal', 'Type', 'Generic', 'TypeVar'], '__future__' => ['annotations'], 'scrivlet' => null, DrawingModule::NAME => null];

    public function __construct(private readonly PythonStatements $parser)
    {
    }

    /** Whether nothing that a library is brought in for is ever used: it does nothing then. */
    private function isBroughtInForNothing(): bool
    {
        for ($at = $this->parser->at; $at < $this->parser->until; ++$at) {
            $token = $this->parser->tokens[$at];
            if ('*' === $token->text || TokenKind::Name === $token->kind && !$this->parser->is('as', $at + 1 - $this->parser->at) && $this->isUsedElsewhere($token->text, $at)) {
                return false;
            }
        }

        return true;
    }

    private function isUsedElsewhere(string $name, int $here): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            if ($at !== $here && ($token->text === $name || TokenKind::Text === $token->kind && str_contains($token->text, $name))) {
                return true;
            }
        }

        return false;
    }

    /** Reads what brings in a library. */
    public function import(): void
    {
        $isFrom = 'from' === $this->parser->sign();
        ++$this->parser->at;
        do {
            $module = $this->parser->peek();
            if (null === $module || TokenKind::Name !== $module->kind) {
                $this->parser->fail('name_missing', $module);
            }
            if (!\array_key_exists($module->text, self::KNOWN)) {
                $near = Names::nearest($module->text, array_keys(self::KNOWN));
                if (null !== $near && levenshtein($near, $module->text) <= 2 && !\in_array($module->text, PythonNames::LIBRARIES, true)) {
                    $this->parser->fail('misspelt_library', $module, ['name' => $module->text, 'near' => $near], [new Replacement($module->offset, \strlen($module->text), $near)]);
                }
                if (\in_array($module->text, PythonNames::LIBRARIES, true)) {
                    if ($this->isBroughtInForNothing()) {
                        $this->parser->at = $this->parser->until;

                        return;
                    }
                    $this->parser->silence($this->parser->at, $this->parser->until);
                    $this->parser->fail('unsupported', $module, ['what' => ($isFrom ? 'from ' : 'import ').$module->text]);
                }
                $this->parser->fail('unknown_library', $module, ['name' => $module->text]);
            }
            ++$this->parser->at;
            if ($this->parser->is('.')) {
                // A part of a library.
                $this->parser->silence($this->parser->at, $this->parser->until);
                $this->parser->fail('unsupported', $module, ['what' => ($isFrom ? 'from ' : 'import ').$module->text.'.'.($this->parser->peek(1)->text ?? '')]);
            }
            $as = $module->text;
            if (!$isFrom && $this->parser->accept('as')) {
                $as = $this->parser->peek()->text ?? $this->parser->fail('name_missing');
                ++$this->parser->at;
            }
            if (DrawingModule::NAME === $module->text) {
                if (!$isFrom) {
                    $this->parser->drawing[$as] = true;
                }
            } elseif ($as !== $module->text) {
                $this->parser->aliases[$as] = $module->text;
                $this->parser->symbols->silenced[$as] = true;
            }
        } while (!$isFrom && $this->parser->accept(','));
        if (!$isFrom) {
            return;
        }
        if (!$this->parser->accept('import')) {
            $this->parser->fail('import_missing', null, ['name' => $module->text]);
        }
        // Names in brackets may stand on several lines (The Python Language Reference, 7.11).
        $opened = $this->parser->peek();
        $isBracketed = $this->parser->accept('(');
        do {
            if ($isBracketed && $this->parser->is(')')) {
                break;
            }
            $name = $this->parser->peek();
            if (DrawingModule::NAME === $module->text && null !== $name) {
                // Names of its classes are known wherever they make something.
                $this->parser->drawsFreely = $this->parser->drawsFreely || !\in_array($name->text, DrawingModule::MAKERS, true);
                ++$this->parser->at;
                continue;
            }
            if (null !== $name && '*' === $name->text) {
                ++$this->parser->at;
                foreach (self::KNOWN[$module->text] ?? [] as $member) {
                    $this->parser->imported[$member] = "$module->text.$member";
                }
                continue;
            }
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->parser->fail('name_missing', $name);
            }
            $known = self::KNOWN[$module->text];
            if (null !== $known && !\in_array($name->text, $known, true)) {
                $near = Names::nearest($name->text, $known);
                $isThere = \in_array($module->text, PythonNames::LIBRARIES, true) || RealNames::has($name->text, Language::Python);
                if (null === $near && $isThere && !$this->parser->is('as', 1) && !$this->isUsedElsewhere($name->text, $this->parser->at)) {
                    // It is brought in for nothing.
                    ++$this->parser->at;
                    continue;
                }
                $this->parser->fail(null === $near ? 'unsupported' : 'misspelt_method', $name, ['name' => $name->text, 'near' => $near ?? '', 'what' => "$module->text.$name->text"], null === $near ? [] : [new Replacement($name->offset, \strlen($name->text), $near)]);
            }
            ++$this->parser->at;
            if (null !== $known) {
                $this->parser->imported[$name->text] = "$module->text.$name->text";
            }
            if ($this->parser->accept('as')) {
                $other = $this->parser->newName();
                if (null === $known) {
                    $this->parser->fail('unsupported', $name, ['what' => 'import … as …']);
                }
                unset($this->parser->imported[$name->text]);
                $this->parser->imported[$other->text] = "$module->text.$name->text";
                $this->parser->symbols->silenced[$other->text] = true;
            }
        } while ($this->parser->accept(','));
        if ($isBracketed && null !== $opened) {
            $this->parser->close($opened);
        }
    }
}
