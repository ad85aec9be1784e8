<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\VariableRead;

/** Small functions, and lists gathered from others. */
final class SmallFunctionCode
{
    private int $innerNames = 0;

    public function __construct(private readonly Compiler $compiler)
    {
    }

    public function collected(Collected $collected): string
    {
        [$over, $each, $filter] = $this->parts($collected);
        if (null !== $filter && $this->compiler->facts->strictTexts) {
            // Each item is looked at and used before the next one (The Python Language Reference, 6.2.4).
            return "\$v->list(\$v->picked($over, $filter, $each))";
        }

        return "\$v->list(array_map($each, ".(null === $filter ? $over : "array_values(array_filter($over, $filter))").'))';
    }

    /** `any(… for bed in beds)`, `beds.some(…)`: no item is looked at behind the one that decides. */
    public function decided(Collected $collected, bool $isAny): string
    {
        [$over, $each, $filter] = $this->parts($collected);

        return '$v->decided('.($isAny ? 'true' : 'false').", $over, $each".(null === $filter ? '' : ", $filter").')';
    }

    /** `next(… for bed in beds)`: no item is looked at behind the first one that counts. */
    public function firstOf(Collected $collected, ?Expression $otherwise): string
    {
        [$over, $each, $filter] = $this->parts($collected, true);

        return '$v->'.(null === $otherwise ? 'foundFirst' : 'foundFirstOr')."($over, $each, ".($filter ?? 'null').(null === $otherwise ? '' : ', '.$this->compiler->expression($otherwise)).')';
    }

    /** A generator in brackets: what it gives is found when it is asked for, of what its names are then (The Python Language Reference, 6.2.8). */
    public function foundLater(Collected $collected): string
    {
        [$over, $each, $filter] = $this->parts($collected, true, true);

        return "\$v->begun(\$v->foundLater($over, $each, ".($filter ?? 'null').'))';
    }

    /** @return array{string, string, string|null} code: what is gone over, a function of an item for its value, and one that says whether it counts */
    private function parts(Collected $collected, bool $isInTurn = false, bool $isLater = false): array
    {
        $asks = null !== $collected->condition ? 'filter' : 'map';
        $found = $this->compiler->facts->nullBeside && !$this->compiler->types->expression($this->compiler->part, $collected->over)->isList()
            ? "\$this->some({$this->compiler->expression($collected->over)}, '$asks')"
            : $this->compiler->operationCode->goneOver($collected->over);
        $over = ($isInTurn ? '$v->turns(' : '$v->over(').$found.($isInTurn ? ", '')" : ')');
        $before = $this->compiler->inner;
        $item = $this->compiler->inner[$collected->variable] = $this->innerName();
        $names = $this->compiler->types->itemOf($this->compiler->part, $collected);
        $value = $this->compiler->types->inside($names, fn (): string => $this->compiler->expression($collected->value));
        $filter = null === $collected->condition ? null : $this->compiler->types->inside($names, fn (): string => $this->compiler->numberCode->truth($collected->condition));
        $this->compiler->inner = $before;

        // Where functions are made for each item, they hold on to the variables around, not to copies.
        $each = $isLater || str_contains($value, '&$') ? $this->holding([$item], $value, $before) : "(fn ($item) => $value)";

        return [$over, $each, null === $filter ? null : ($isLater ? $this->holding([$item], $filter, $before) : "fn ($item) => $filter")];
    }

    /** A name that no other small function has: one may hide what another around it calls by the same name. */
    private function innerName(): string
    {
        return '$c'.$this->innerNames++;
    }

    /**
     * `lambda n, k=5: n + k`: what stands for an argument left out is found where the function is made, and taken where none is
     * given (The Python Language Reference, 6.14 and 8.7).
     */
    public function withDefaults(Lambda $around, Lambda $lambda, string ...$values): string
    {
        $kept = array_map($this->innerName(...), $around->parameters);
        $code = $this->lambda(new Lambda([...$lambda->parameters, ...$around->parameters], $lambda->value), ...$kept);

        return $this->holding($kept, $code, $this->compiler->inner).'('.implode(', ', $values).')';
    }

    /** @param string ...$kept what the last of its parameters are where they are left out */
    public function lambda(Lambda $lambda, string ...$kept): string
    {
        $before = $this->compiler->inner;
        $names = [];
        foreach ($lambda->parameters as $parameter) {
            $names[] = $this->compiler->inner[$parameter] = $this->innerName();
        }
        $value = $this->compiler->types->inside(array_fill_keys($lambda->parameters, StaticType::unknown()), fn (): string => $this->compiler->expression($lambda->value));
        $this->compiler->inner = $before;
        if ([] !== $kept = array_values($kept)) {
            $first = \count($names) - \count($kept);
            $left = array_map(static fn (int $place): string => '\func_num_args() > '.($first + $place)." ? null : ({$names[$first + $place]} = {$kept[$place]})", array_keys($kept));
            $value = '['.implode(', ', [...$left, $value]).']['.\count($kept).']';
            $names = array_map(static fn (string $name, int $place): string => $place < $first ? $name : "$name = null", $names, array_keys($names));
            $before += array_combine($kept, $kept);
        }

        // What JavaScript is not given is undefined (ECMAScript 2022, 10.2.11).
        $names = $this->compiler->facts->undefined ? array_map(static fn (string $name): string => "$name = null", $names) : $names;
        $code = $this->compiler->facts->lambdasSee ? $this->holding($names, $value, $before) : '(fn ('.implode(', ', $names).') => '.$value.')';

        return $this->compiler->facts->namesLambdas && $this->compiler->operationCode->uses(OperationKey::FunctionName) ? "\$v->named($code, ".var_export($this->nameOfSmall($lambda), true).')' : $code;
    }

    /** What Python calls a small function: one that only hands on to a function of the language has that one's name (The Python Language Reference, 6.14). */
    private function nameOfSmall(Lambda $lambda): string
    {
        $does = $lambda->value;
        $isHandedOn = $does instanceof Operation && [new VariableRead('item')] == $does->arguments && ['item'] === $lambda->parameters;

        return $isHandedOn && 1 === preg_match('/^(\w+)\(\{0\}\)$/D', ValueOperations::get($does->key)->spellings[$this->compiler->language->value][0] ?? '', $name) ? $name[1] : '<lambda>';
    }

    /**
     * A function of PHP that sees the variables around it as they are when it runs.
     *
     * @param list<string>          $names  its parameters
     * @param array<string, string> $before the parameters of those around it
     */
    private function holding(array $names, string $value, array $before): string
    {
        preg_match_all('/\$c\d+\b/', $value, $inner);
        $around = array_unique(array_intersect($before, $inner[0]));
        if (0 === preg_match_all('/\$[ln]\d+\b/', $value, $shared) && [] === $around) {
            return '(fn ('.implode(', ', $names).') => '.$value.')';
        }
        $uses = [...array_map(static fn (string $local): string => "&$local", [...array_unique($shared[0]), ...$around]), '$t', '$v', '$d'];

        return '(function ('.implode(', ', $names).') use ('.implode(', ', $uses).') { return '.$value.'; })';
    }
}
