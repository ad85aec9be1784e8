<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Python\PythonStatements;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What `print` shows. */
final class PrintRows
{
    public function __construct(private readonly PythonStatements $parser)
    {
    }

    /** `sys.stdout.write(text)` prints without ending the line; nothing is kept back that `flush()` would have to bring out. */
    public function writtenOut(Token $token): ?Statement
    {
        $opened = $this->parser->peek(5);
        if (null === $opened || '(' !== $opened->text || !$this->parser->is('write', 4) && !($this->parser->is('flush', 4) && $this->parser->is(')', 6))) {
            return null;
        }
        $isText = $this->parser->is('write', 4);
        $this->parser->at += 6;
        $arguments = $this->parser->arguments($opened);
        if (!$isText) {
            return new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value);
        }

        return 1 === \count($arguments) ? new PrintLine($this->parser->newId(), [$arguments[0]->value], false, false) : $this->parser->fail('unsupported', $token, ['what' => 'sys.stdout.write(…)']);
    }

    public function printed(Token $token): Statement
    {
        if ('print' !== $token->text) {
            $this->parser->fail('capitals', $token, ['name' => $token->text, 'near' => 'print'], [new Replacement($token->offset, \strlen($token->text), 'print')]);
        }
        $opened = $this->parser->peek(1);
        $end = $token->offset + \strlen($token->text);
        if (null === $opened || '(' !== $opened->text || TokenKind::Sign !== $opened->kind) {
            $last = $this->parser->tokens[$this->parser->until - 1];
            $this->parser->fail('call_brackets', $token, ['name' => 'print'], null === $opened ? [new Replacement($end, 0, '()')] : [new Replacement($last->offset + \strlen($last->text), 0, ')'), new Replacement($end, $opened->offset - $end, '(')]);
        }
        $this->parser->at += 2;
        $values = [];
        $separator = new TextLiteral(' ');
        $ending = new TextLiteral("\n");
        $arguments = $this->parser->arguments($opened);
        $isComplaint = false;
        foreach ($arguments as $index => $argument) {
            if ('file' === $argument->name && $argument->value instanceof Operation && OperationKey::Stream === $argument->value->key) {
                $isComplaint = new TextLiteral('stderr') == ($argument->value->arguments[0] ?? null);
                unset($arguments[$index]);
            } elseif ('file' === $argument->name) {
                $file = $argument->value;
                unset($arguments[$index]);
            }
        }
        $arguments = array_values($arguments);
        $isMixed = 1 < \count($plain = array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name))) && \in_array('*', array_column($plain, 'name'), true);
        foreach ($arguments as $argument) {
            if ($isMixed && \in_array($argument, $plain, true)) {
                $item = '*' === $argument->name ? new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $argument->value) : new ListLiteral([new Operation(OperationKey::ToText, [$argument->value])]);
                $together = isset($together) ? new Operation(OperationKey::Concatenated, [$together, $item]) : $item;
            } elseif ('*' === $argument->name && 1 === \count(array_filter($arguments, static fn (Argument $other): bool => !\in_array($other->name, ['sep', 'end'], true)))) {
                $spread = $argument->value;
            } elseif ('sep' === $argument->name) {
                $separator = $argument->value;
            } elseif ('flush' === $argument->name) {
                // When it is written does not show.
                $argument->value instanceof TruthLiteral || $this->parser->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => 'flush=…']);
            } elseif ('end' === $argument->name) {
                $ending = $argument->value;
            } elseif (null !== $argument->name) {
                $near = Names::nearest($argument->name, ['sep', 'end']);
                $this->parser->failAt('no_such_parameter', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->name, 'near' => $near ?? 'end']);
            } else {
                if ($argument->value instanceof Operation && OperationKey::Numbers === $argument->value->key && str_starts_with(substr($this->parser->text, $argument->offset, 6), 'range')) {
                    // It shows as what it is, not as the numbers in it (The Python Standard Library, `range`).
                    $this->parser->failAt('range_shown', $argument->offset, $argument->end - $argument->offset, [], [new Replacement($argument->offset, 0, 'list('), new Replacement($argument->end, 0, ')')]);
                }
                $view = $this->parser->libraryFunctions->viewed($argument->value, $argument->offset);
                if ($view !== $argument->value) {
                    $values[] = $view;
                    continue;
                }
                if ($this->parser->showsItself($argument->value, $argument->offset, $argument->end)) {
                    $this->parser->failAt('turn_shown', $argument->offset, $argument->end - $argument->offset, ['what' => mb_strcut(substr($this->parser->text, $argument->offset, $argument->end - $argument->offset), 0, 30)], [new Replacement($argument->offset, 0, 'list('), new Replacement($argument->end, 0, ')')]);
                }
                if ($argument->value instanceof CommandValue && !Catalogue::get($argument->value->command)->value) {
                    $this->parser->failAt('no_value', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->value->command]);
                }
                $values[] = $argument->value;
            }
        }
        if (isset($together)) {
            $values = [new Operation(OperationKey::Joined, [$together, $separator])];
        }
        if (isset($spread)) {
            // All items in one line are as good as a text that joins them.
            $values = [new Operation(OperationKey::Joined, [new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $spread), $separator])];
        }
        if ($this->parser->is('+') || $this->parser->is(',')) {
            $this->parser->fail('print_outside', null, [], []);
        }
        $endsLine = $ending instanceof TextLiteral && str_ends_with($ending->value, "\n");
        $rest = !$ending instanceof TextLiteral ? $ending : ($endsLine ? substr($ending->value, 0, -1) : $ending->value);
        if (1 < \count($values) && (!$separator instanceof TextLiteral || ' ' !== $separator->value)) {
            $joined = array_shift($values);
            foreach ($values as $value) {
                $joined = $separator instanceof TextLiteral && '' === $separator->value ? $joined : new Binary(Operator::Join, $joined, $separator);
                $joined = new Binary(Operator::Join, $joined, $value);
            }
            $values = [$joined];
        }
        if ('' !== $rest) {
            $last = array_pop($values);
            $rest = $rest instanceof Expression ? $rest : new TextLiteral($rest);
            $values[] = null === $last ? $rest : new Binary(Operator::Join, $last, $rest);
        }

        if (isset($file)) {
            // What would be printed is written to a file.
            $joined = new TextLiteral('');
            foreach ($values as $index => $value) {
                $shown = $value instanceof TextLiteral ? $value : new Operation(OperationKey::ToText, [$value]);
                $joined = 0 === $index ? $shown : new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $shown);
            }
            $joined = !$endsLine ? $joined : ([] === $values ? new TextLiteral("\n") : new Binary(Operator::Join, $joined, new TextLiteral("\n")));

            return new Perform($this->parser->newId(), new Operation(OperationKey::FileWritten, [$file, $joined]));
        }
        if ($isComplaint) {
            $joined = array_shift($values) ?? new TextLiteral('');
            foreach ($values as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return new Perform($this->parser->newId(), new Operation(OperationKey::Complain, [$joined]));
        }

        return new PrintLine($this->parser->newId(), $values, false, $endsLine);
    }
}
