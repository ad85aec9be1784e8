<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Walk;

/**
 * Messages that only lead from one script to the next: the last row of a script announces what one other script waits
 * for. Such a chain says the same as functions that are called in order, or as one sequence of rows.
 */
final readonly class Chains
{
    public function __construct(private Program $program)
    {
    }

    public function isChain(): bool
    {
        return [] !== $this->links();
    }

    /** @throws Refusal if messages do more than lead on */
    public function functions(): Edited
    {
        $links = $this->checked();
        $program = $this->program;
        $id = $program->nextId;
        $functions = $calls = [];
        foreach ($links as $handler) {
            $name = $this->freeName($handler, array_map(static fn (FunctionDefinition $function): string => $function->name, $functions));
            $rows = self::withoutAnnouncement($handler->body->statements);
            $shared = [];
            foreach (Walk::live($rows) as $row) {
                foreach ($row->assigned() as $variable) {
                    $shared[$variable] ??= new ShareVariable($id++, $variable);
                }
            }
            $functions[] = new FunctionDefinition($handler->id, $name, [], new Block([...array_values($shared), ...$rows]));
            $calls[] = new OwnCall($id++, $name, []);
        }
        $script = $program->script->withBody('body', new Block([...$this->rest($links), ...$calls]));
        $changed = $program->withScript($script)->withFunctions([...$program->functions, ...$functions])->withNextId($id);
        Rules::check($changed);

        return new Edited($changed, 'chain', '', array_map(static fn (OwnCall $call): int => $call->id, $calls));
    }

    /** @throws Refusal if messages do more than lead on */
    public function sequence(): Edited
    {
        $links = $this->checked();
        $rows = [];
        foreach ($links as $handler) {
            $rows = [...$rows, ...self::withoutAnnouncement($handler->body->statements)];
        }
        $changed = $this->program->withScript($this->program->script->withBody('body', new Block([...$this->rest($links), ...$rows])));
        Rules::check($changed);

        return new Edited($changed, 'chain', '', array_map(static fn (Statement $row): int => $row->id, $rows));
    }

    /** @return non-empty-list<Handler> */
    private function checked(): array
    {
        $links = $this->links();

        return [] === $links ? throw new Refusal('edit.no_chain') : $links;
    }

    /** @return list<Handler> the scripts in the order in which they run; none if the messages are no such chain */
    private function links(): array
    {
        $waiting = $links = [];
        $announcements = 0;
        foreach ($this->program->script->body->statements as $row) {
            if ($row instanceof Handler && 'on_announced' === $row->event && !$row->off) {
                $message = self::text($row->what);
                if (null === $message || isset($waiting[$message])) {
                    return [];
                }
                $waiting[$message] = $row;
            }
        }
        foreach (Walk::live($this->program->parts()) as $row) {
            $announcements += (int) ($row instanceof Command && 'announce' === $row->command);
        }
        foreach ($this->program->definitions() as $function) {
            foreach (Walk::live($function->body->statements) as $row) {
                $announcements += (int) ($row instanceof Command && 'announce' === $row->command);
            }
        }
        $next = self::announced($this->program->script->body->statements);
        while (null !== $next && isset($waiting[$next])) {
            $handler = $waiting[$next];
            unset($waiting[$next]);
            $links[] = $handler;
            --$announcements;
            $next = self::announced($handler->body->statements);
        }

        return [] === $waiting && 0 === $announcements && null === $next ? $links : [];
    }

    /**
     * @param list<Statement> $rows
     *
     * @return string|null the message that the last live row announces
     */
    private static function announced(array $rows): ?string
    {
        $live = array_values(array_filter($rows, static fn (Statement $row): bool => !$row->off && !$row instanceof Handler));
        $last = [] === $live ? null : $live[\count($live) - 1];

        return $last instanceof Command && 'announce' === $last->command ? self::text($last->arguments['message']) : null;
    }

    private static function text(mixed $value): ?string
    {
        return $value instanceof TextLiteral ? $value->value : null;
    }

    /**
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    private static function withoutAnnouncement(array $rows): array
    {
        return array_values(array_filter($rows, static fn (Statement $row): bool => $row->off || !($row instanceof Command && 'announce' === $row->command)));
    }

    /**
     * The script without its part of the chain.
     *
     * @param list<Handler> $links
     *
     * @return list<Statement>
     */
    private function rest(array $links): array
    {
        return array_values(array_filter(self::withoutAnnouncement($this->program->script->body->statements), static fn (Statement $row): bool => !\in_array($row, $links, true)));
    }

    /** @param list<string> $others */
    private function freeName(Handler $handler, array $others): string
    {
        $wish = substr($handler->functionName(), 3);
        $name = $wish;
        for ($number = 2;; ++$number) {
            try {
                Names::check($name);
                $isFree = !\in_array($name, $others, true) && null === $this->program->functionNamed($name);
                foreach (Walk::statements($this->program->parts()) as $row) {
                    $isFree = $isFree && !\in_array($name, $row->assigned(), true);
                }
                if ($isFree) {
                    return $name;
                }
            } catch (Refusal) {
                // A word of some language: the number behind it makes it a name.
            }
            $name = $wish.'_'.$number;
        }
    }
}
