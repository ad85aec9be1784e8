<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Form;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/**
 * Numbers that change when what a part of a row says changes; a typed piece is shown as long as its own is the same.
 *
 * It is taken from the row's canonical form, as files have it, so that it outlives the code.
 */
final class Fingerprints
{
    /** @var array<int, array{Expression, string}> by the expression's number: rows get new ids, what stands in their blanks stays */
    private array $known = [];

    /** @param (\Closure(string): string)|null $spelling changes what a row says before the fingerprint is taken, for files of older forms */
    public function __construct(private readonly ?\Closure $spelling = null)
    {
    }

    /**
     * @param bool            $tight the piece stands on a line with what the row holds, so that it says what that is, too
     * @param array<int, int> $ids   other ids that rows had when the fingerprint was taken
     */
    public function of(Statement $row, string $part, bool $tight, array $ids = []): int
    {
        if ($row->off) {
            return $this->taken(self::withoutIds(Form::row($row)));
        }
        $says = match (true) {
            'head' === $part && $row instanceof Conditional => $this->expression($row->branches[0]->condition),
            'head' === $part && $row instanceof Script => '',
            $row instanceof Attempt => self::caught($row, $part),
            $row instanceof ClassDefinition && 'close' === $part => '',
            'head' === $part => [$row->labels(), $this->blanks($row), self::more($row)],
            $row instanceof Conditional && str_starts_with($part, 'then') => $this->expression(($row->branches[(int) substr($part, 4)] ?? null)?->condition),
            'enter' === $part && $row instanceof Handler => self::assigned($row),
            'close' === $part || 'after' === $part => $row instanceof Conditional ? '' : $this->blanks($row),
            default => '',
        };
        $held = [];
        foreach ($tight ? $row->bodies() : [] as $name => $body) {
            $held[$name] = array_map(static fn (Statement $inner): int => $ids[$inner->id] ?? $inner->id, $body->statements);
        }

        return $this->taken([$row->entry(), $part, $says, $held]);
    }

    /** @return list<string> what a part of an attempt says */
    private static function caught(Attempt $attempt, string $part): array
    {
        $rescue = $attempt->rescues[Attempt::rescueOf($part) ?? -1] ?? null;

        return null === $rescue ? [] : [$rescue->name, ...array_map(Rescue::label(...), $rescue->kinds)];
    }

    private function taken(mixed $says): int
    {
        $spelled = self::spelled($says);

        return crc32(null === $this->spelling ? $spelled : ($this->spelling)($spelled));
    }

    /** @return list<string> */
    private static function assigned(Handler $handler): array
    {
        $names = [];
        foreach (Walk::live($handler->body->statements) as $row) {
            $names = [...$names, ...$row->assigned()];
        }
        sort($names);

        return array_values(array_unique($names));
    }

    private static function more(Statement $row): mixed
    {
        return match (true) {
            $row instanceof EachLoop && $row->refers => [$row->entry(), true],
            $row instanceof FunctionDefinition => '' === $row->sort ? $row->types : [$row->types, $row->sort],
            default => $row->entry(),
        };
    }

    /** What a row says by itself, for finding it again in a newer text. */
    public function own(Statement $row): int
    {
        return crc32($row->entry().self::spelled([$row->labels(), $this->blanks($row)]));
    }

    /** @return array<string, string> */
    private function blanks(Statement $row): array
    {
        return array_map($this->expression(...), $row->blanks());
    }

    private function expression(?Expression $value): string
    {
        if (null === $value) {
            return '';
        }

        return ($this->known[spl_object_id($value)] ??= [$value, self::spelled(Form::expression($value))])[1];
    }

    private static function spelled(mixed $form): string
    {
        return json_encode($form, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_INVALID_UTF8_SUBSTITUTE, 8 * Bounds::JSON);
    }

    /**
     * Rows that are switched off say the same under other ids.
     *
     * @param array<mixed> $form
     *
     * @return array<mixed>
     */
    private static function withoutIds(array $form): array
    {
        unset($form['id']);

        return array_map(static fn (mixed $part): mixed => \is_array($part) ? self::withoutIds($part) : $part, $form);
    }
}
