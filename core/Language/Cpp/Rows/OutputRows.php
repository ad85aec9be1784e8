<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\StreamForms;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\Conversion;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What is put into `cout`, and `printf`. */
final class OutputRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** @param VariableRead|null $onto a stream in memory */
    public function output(int $start, ?VariableRead $onto = null): Statement
    {
        $isComplaint = null === $onto && !$this->parser->is('cout');
        null === $onto || $this->parser->read($onto->name, $start);
        ++$this->parser->at;
        $parts = [];
        $width = null;
        $endsLine = false;
        if (!$this->parser->is('<<')) {
            $next = $this->parser->peek();
            if ($this->parser->is('.') && null === $onto && !$isComplaint && null !== $told = $this->toldByMember()) {
                return $told;
            }
            if ($this->parser->is('.')) {
                $this->parser->fail('unsupported', $next, ['what' => 'cout.'.($this->parser->peek(1)->text ?? '')]);
            }
            $wrong = null !== $next && \in_array($next->text, ['<', '>>', '>'], true);
            $this->parser->fail('stream_signs', $next, ['name' => 'cout', 'near' => '<<'], $wrong ? [new Replacement($next->offset, \strlen($next->text), '<<')] : (null === $next ? [] : [new Replacement($next->offset, 0, '<< ')]));
        }
        while ($this->parser->accept('<<')) {
            if (null === $this->parser->peek() || $this->parser->is(';')) {
                $this->parser->fail('value_missing', $this->parser->peek(), ['after' => '<<']);
            }
            if ($this->parser->is('std') && $this->parser->is('::', 1)) {
                $this->parser->at += 2;
            }
            if ($this->parser->is('flush') && !$this->parser->isVariable('flush')) {
                // What was put there shows at once, or with what comes.
                ++$this->parser->at;
                continue;
            }
            if ($this->parser->is('endl')) {
                ++$this->parser->at;
                if ($this->parser->is('<<')) {
                    $parts[] = new TextLiteral("\n");
                    continue;
                }
                $endsLine = true;
                break;
            }
            $told = $this->told();
            if (null !== $told) {
                $isComplaint && $this->parser->fail('unsupported', null, ['what' => 'cerr << …']);
                $wide = null === $onto ? null : StreamForms::width($told);
                $width = $wide ?? $width;
                if (null === $wide) {
                    $parts[] = null === $onto ? $told : StreamForms::telling($told, $onto);
                }
                continue;
            }
            $offset = $this->parser->offset();
            $begins = $this->parser->sign();
            $from = $this->parser->at;
            $value = $this->parser->expression(7);
            if ($value instanceof Operation && OperationKey::Contains === $value->key && $this->parser->tellsForms() && [] !== array_filter(\array_slice($this->parser->tokens, $from, $this->parser->at - $from), static fn (Token $token): bool => 'count' === $token->text)) {
                // `count` gives a number, which no word for truths changes.
                $value = new Operation(OperationKey::ToWhole, [$value]);
            }
            if ($value instanceof Operation && \in_array($value->key, [OperationKey::UpperLetter, OperationKey::LowerLetter], true) && \in_array($begins, ['toupper', 'tolower'], true)) {
                // It gives an `int`, which the stream shows as one (C++17, 24.5.1; C11, 7.4.2).
                $value = new Operation(OperationKey::Code, [$value]);
            }
            if ($value instanceof VariableRead && $begins === $value->name && -8 === TypeNames::narrow($this->parser->types[$this->parser->scope][$value->name] ?? $this->parser->types[''][$value->name] ?? '')) {
                // A number of a byte shows as a letter (C++17, 30.7.5.2.4).
                $value = new Operation(OperationKey::Letter, [$value]);
            }
            if ($value instanceof CommandValue && !Catalogue::get($value->command)->value) {
                $this->parser->failAt('no_value', $offset, $this->parser->endOffset() - $offset, ['name' => $value->command]);
            }
            if ($this->parser->is('<') && TokenKind::Name === $this->parser->tokens[$this->parser->at - 1]->kind && 1 === preg_match('/\G<[\w:\s<>,]*>\s*\(/', $this->parser->text, $match, 0, $this->parser->offset())) {
                $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1], ['what' => $this->parser->tokens[$this->parser->at - 1]->text.'<…>(…)']);
            }
            if (null !== $this->parser->comparison((string) $this->parser->sign())) {
                $this->parser->fail('stream_comparison', null, [], [new Replacement($offset, 0, '(')]);
            }
            if (null !== $onto && (null !== $width || !$value instanceof TextLiteral && $this->parser->tellsForms())) {
                $value = StreamForms::asked($value, $width, $onto);
                $width = null;
            }
            if ($this->parser->is('>>') || $this->parser->is('<') || $this->parser->is(',') && !$this->isFurtherRow()) {
                $this->parser->fail('stream_signs', $this->parser->peek(), ['name' => 'cout', 'near' => '<<'], [new Replacement($this->parser->offset(), \strlen((string) $this->parser->sign()), '<<')]);
            }
            $parts[] = $value;
        }
        $next = $this->parser->peek();
        if (null !== $next && !isset($this->parser->begins[$this->parser->at]) && (TokenKind::Text === $next->kind || TokenKind::Name === $next->kind || TokenKind::Number === $next->kind)) {
            $this->parser->fail('stream_signs', $next, ['name' => 'cout', 'near' => '<<'], [new Replacement($next->offset, 0, '<< ')]);
        }
        $this->parser->semicolon();
        $last = $parts[\count($parts) - 1] ?? null;
        if (!$endsLine && $last instanceof TextLiteral && str_ends_with($last->value, "\n") && !$last->letter) {
            array_pop($parts);
            $rest = substr($last->value, 0, -1);
            if ('' !== $rest) {
                $parts[] = new TextLiteral($rest);
            }
            $endsLine = true;
        }

        if ($isComplaint) {
            $said = $this->printed($parts);
            $joined = array_shift($said) ?? new TextLiteral('');
            foreach ($said as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return $this->parser->ended(new Perform($this->parser->newId(), new Operation(OperationKey::Complain, [$joined])), $start);
        }
        if (null !== $onto) {
            $joined = self::joined([...$parts, ...$endsLine ? [new TextLiteral("\n")] : []]);

            return $this->parser->ended(new Perform($this->parser->newId(), new Operation(OperationKey::PutOn, [$onto, $joined])), $start);
        }

        return $this->parser->ended(new PrintLine($this->parser->newId(), $this->printed($parts), false, $endsLine), $start);
    }

    /** `printf("%d beds\n", beds)`, and `puts`, which ends its line by itself (C11, 7.21.6.1 and 7.21.7.9). */
    public function printsFormatted(Token $token, int $start): Statement
    {
        $given = $this->valuesGiven($token);
        $template = array_shift($given);
        $isWhole = 'puts' === $token->text;
        if ($isWhole && null !== $template && [] === $given) {
            return $this->parser->ended(new PrintLine($this->parser->newId(), $this->printed([$template]), false, true), $start);
        }
        if (!$template instanceof TextLiteral || $isWhole) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text()"]);
        }
        $parts = $this->formattedParts($template, $given, $token);
        $last = array_pop($parts);
        $endsLine = $last instanceof TextLiteral && str_ends_with($last->value, "\n");
        $rest = $endsLine ? new TextLiteral(substr($last->value, 0, -1)) : $last;
        if (null !== $rest && (!$rest instanceof TextLiteral || '' !== $rest->value)) {
            $parts[] = $rest;
        }

        return $this->parser->ended(new PrintLine($this->parser->newId(), $this->printed($parts), false, $endsLine), $start);
    }

    /** `sprintf(line, "%d beds", beds);`, and `snprintf`, which keeps as much as there is room for (C11, 7.21.6.5 and 7.21.6.6). */
    public function writesFormatted(Token $token, int $start): Statement
    {
        $given = $this->valuesGiven($token);
        $target = array_shift($given);
        $room = 'snprintf' === $token->text ? array_shift($given) : null;
        $template = array_shift($given);
        if (null === $target || !Given::isPlace($target) || !$this->parser->isText($target) && !($target instanceof Item && TypeNames::read($this->parser->typeOf($target->container))->item()->isTextual()) || !$template instanceof TextLiteral || 'snprintf' === $token->text && null === $room) {
            $this->parser->fail('unsupported', $token, ['what' => $token->text]);
        }
        $written = self::joined($this->formattedParts($template, $given, $token));
        if (null !== $room) {
            $written = new Slice($written, new NumberLiteral(0), new Binary(Operator::Subtract, $room, new NumberLiteral(1)));
        }
        $row = $this->parser->wholeLists->given($target, $written);

        return $this->parser->ended($row, $start);
    }

    /** @return list<Expression> what stands in the brackets behind a function, which is a row */
    private function valuesGiven(Token $token): array
    {
        ++$this->parser->at;
        $opened = $this->parser->peek() ?? $token;
        ++$this->parser->at;
        $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        $this->parser->semicolon();

        return array_values($given);
    }

    /** @param array<Expression> $parts */
    private static function joined(array $parts): Expression
    {
        return array_reduce($parts, static fn (Expression $before, Expression $part): Expression => $before == new TextLiteral('') && $part instanceof TextLiteral ? $part : new Binary(Operator::Join, $before, $part), new TextLiteral(''));
    }

    /**
     * What a template shows of the values behind it.
     *
     * @param list<Expression> $given
     *
     * @return list<Expression>
     */
    private function formattedParts(TextLiteral $template, array $given, Token $token): array
    {
        $parts = [];
        foreach (Conversion::pieces($template->value) as $piece) {
            $part = match (true) {
                '%%' === $piece => new TextLiteral('%'),
                '%' !== $piece[0] => new TextLiteral($piece),
                default => $this->converted($piece, array_shift($given)),
            };
            $last = array_pop($parts);
            if (('%' !== $piece[0] || '%%' === $piece) && $part instanceof TextLiteral && $last instanceof TextLiteral && !$last->letter) {
                $part = new TextLiteral($last->value.$part->value);
            } elseif (null !== $last) {
                $parts[] = $last;
            }
            $parts[] = $part ?? $this->parser->fail('unsupported', $token, ['what' => "printf(\"$piece\")"]);
        }
        if ([] !== $given) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text()"]);
        }

        return $parts;
    }

    /** A value as one conversion shows it; nothing of what is not known here. */
    private function converted(string $piece, ?Expression $value): ?Expression
    {
        $conversion = Conversion::of($piece);
        if (null === $value || null === $conversion) {
            return null;
        }
        $isLetter = $this->parser->letterRows->isOne($value);
        $isLetter = $isLetter || $value instanceof Choice && $this->isLetterOnly($value->then) && $this->isLetterOnly($value->otherwise);
        if ('c' === $conversion->kind && !$isLetter && !$value instanceof Item) {
            // What is given is a number, and shown as the letter that it stands for (C11, 7.21.6.1).
            $value = $this->isLetterOnly($value) || 'char' === $this->parser->typeOf($value) ? $value : new Operation(OperationKey::Letter, [$value]);
        }
        if ($conversion->isWhole() && $isLetter) {
            $value = new Operation(OperationKey::Code, [$value]);
        }

        return '' === $conversion->form() ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($conversion->form())]);
    }

    /** A word that says how values are shown: `fixed`, `setw(5)`. */
    public function told(): ?Expression
    {
        if ($this->parser->is('std') && $this->parser->is('::', 1) && isset(StreamForms::WORDS[$this->parser->sign(2) ?? ''])) {
            $this->parser->at += 2;
        }
        $token = $this->parser->peek();
        $word = (string) $this->parser->sign();
        if (null === $token || $this->parser->isVariable($word) || isset($this->parser->symbols->functions[$word])) {
            return null;
        }
        if (\in_array($word, ['flush'], true)) {
            $this->parser->fail('unsupported', null, ['what' => $word]);
        }
        // `fixed(size, 2)` is the function of our own library.
        if (!isset(StreamForms::WORDS[$word]) || 'fixed' === $word && '(' === $this->parser->peek(1)?->text) {
            return null;
        }
        ++$this->parser->at;
        $values = [];
        if (1 === StreamForms::WORDS[$word]) {
            $opened = $this->parser->peek();
            if (!$this->parser->accept('(') || null === $opened) {
                $this->parser->fail('call_brackets', $token, ['name' => $word]);
            }
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
            if (!$this->areOfForm($word, $values)) {
                $this->parser->fail('unsupported', $token, ['what' => $word.'(…)']);
            }
        }

        return new Operation(OperationKey::from(StreamForms::WORD.$word), $values);
    }

    /** `cout.precision(3);` is what `cout << setprecision(3);` is (C++17, 30.5.3.2). */
    private function toldByMember(): ?PrintLine
    {
        $start = $this->parser->tokens[$this->parser->at - 1]->offset - ('::' === ($this->parser->tokens[$this->parser->at - 2]->text ?? '') ? 5 : 0);
        $word = ['precision' => 'setprecision', 'fill' => 'setfill'][$this->parser->sign(1) ?? ''] ?? null;
        $opened = $this->parser->peek(2);
        if (null === $word || '(' !== $opened?->text) {
            return null;
        }
        $this->parser->at += 3;
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        if (!$this->areOfForm($word, $values)) {
            $this->parser->fail('unsupported', $opened, ['what' => 'cout.…(…)']);
        }
        $this->parser->semicolon();
        $row = new PrintLine($this->parser->newId(), [new Operation(OperationKey::from(StreamForms::WORD.$word), $values)], false, false);
        $this->parser->ended($row, $start);

        return $row;
    }

    /**
     * Values with a space between them are several; others are joined.
     *
     * @param list<Expression> $parts
     *
     * @return list<Expression>
     */
    private function printed(array $parts): array
    {
        $values = [];
        $joined = null;
        foreach ($parts as $index => $part) {
            $before = $parts[$index - 1] ?? null;
            $isSpace = $part instanceof TextLiteral && ' ' === $part->value && !$part->letter && !($before instanceof Operation && str_starts_with($before->key->value, StreamForms::WORD));
            if ($isSpace && null !== $joined && $index < \count($parts) - 1) {
                $values[] = $joined;
                $joined = null;
                continue;
            }
            $joined = null === $joined ? $part : new Binary(Operator::Join, $joined, $part);
        }

        return null === $joined ? $values : [...$values, $joined];
    }

    /**
     * Whether these are what `setw`, `setprecision` or `setfill` takes (C++17, 30.7.7).
     *
     * @param list<Expression> $values
     */
    private function areOfForm(string $word, array $values): bool
    {
        return 1 === \count($values) && ('setfill' !== $word || $values[0] instanceof TextLiteral || $this->isLetterOnly($values[0]));
    }

    private function isLetterOnly(Expression $value): bool
    {
        return $this->parser->letterRows->isOne($value);
    }

    /** Words that look like `cout`, and rows where none may be. */
    public function nearCout(Token $token): void
    {
        if (TokenKind::Name === $token->kind && ($this->parser->is('<<', 1) || $this->parser->is('>>', 1)) && !$this->parser->isVariable($token->text)) {
            $near = $this->parser->is('<<', 1) ? 'cout' : 'cin';
            $this->parser->fail('misspelt_command', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
        }
        if ('' === $this->parser->scope && !$this->parser->inMain && 1 === $this->parser->parent) {
            $this->parser->mistake('outside_main', $token->offset, \strlen($token->text));
        }
    }

    /** Whether a row of its own stands behind the comma, and no value that should be told. */
    private function isFurtherRow(): bool
    {
        $sign = $this->parser->sign(2);

        return \in_array($this->parser->sign(1), ['++', '--', 'cout'], true) || \in_array($sign, ['=', '++', '--'], true) || \array_key_exists((string) $sign, BraceParser::CHANGES);
    }
}
