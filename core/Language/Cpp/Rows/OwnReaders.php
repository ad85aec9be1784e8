<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * `istream& operator>>(istream& in, Bed& bed) { … }`: how objects of a class are read (C++17, 16.5). It is a function with a name, which
 * is called where something of that class stands behind the sign.
 */
final class OwnReaders
{
    /** @var array<string, string> functions that read, by the class of what they read */
    private array $readers = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public function named(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => $tokens[$code[$at] ?? -1]->text ?? '';
        $gone = $names = [];
        foreach ($code as $at => $index) {
            if ('operator' !== $text($at) || '>>' !== $text($at + 1) || '(' !== $text($at + 2)) {
                continue;
            }
            $of = $at + ('std' === $text($at + 3) ? 5 : 3);
            $of = 'istream' === $text($of) && '&' === $text($of + 1) ? $of + (',' === $text($of + 2) ? 3 : 4) : null;
            if (null === $of || ',' !== $text($of - 1) || '&' !== $text($of + 1)) {
                continue;
            }
            $name = $names[$text($of)] ??= self::nameFor($tokens, $text($of));
            $friend = $at - ('::' === $text($at - 3) ? 5 : 3);
            if ('friend' === $text($friend) && '{' === $text($of + 4)) {
                // As one that the class has, whatever object is read.
                $tokens[$code[$friend]] = $tokens[$code[$friend]]->readAs('static', TokenKind::Keyword);
                $this->readers[$text($of)] = $text($of).'.'.$name;
            }
            $this->readers[$text($of)] ??= $name;
            $tokens[$index] = $tokens[$index]->readAs($name, TokenKind::Name);
            $gone[$code[$at + 1]] = true;
        }

        return array_values(array_diff_key($tokens, $gone));
    }

    /** @param array<int, Token> $tokens */
    private static function nameFor(array $tokens, string $class): string
    {
        $texts = array_fill_keys(array_map(static fn (Token $token): string => $token->text, $tokens), true);
        for ($name = "read_$class", $number = 1; isset($texts[$name]); $name = "read_{$class}_".++$number) {
        }

        return $name;
    }

    /**
     * `cin >> bed;` as a row, where the program says how one is read.
     *
     * @return list<Statement>|null
     */
    public function rows(Token $stream): ?array
    {
        $called = $this->called($stream);
        if (null === $called || !$this->parser->is(';')) {
            return null;
        }
        $this->parser->semicolon();

        return [$this->parser->ended(new OwnCall($this->parser->newId(), $called->function, $called->arguments), $stream->offset)];
    }

    /** What a stream is read into where a value stands; null where nothing of such a class is. */
    public function called(Token $stream): ?OwnValue
    {
        $sign = 'std' === $stream->text && $this->parser->is('::', 1) ? 3 : 1;
        $from = [] !== $this->readers && $this->parser->is('>>', $sign) ? $this->parser->peek($sign + 1) : null;
        if (null === $from) {
            return null;
        }
        $isCin = 'cin' === $this->parser->sign($sign - 1) && !$this->parser->isVariable('cin');
        if (!$isCin && !$this->parser->readValues->isTextStream($stream->text)) {
            return null;
        }
        [$start, $mistakes] = [$this->parser->at, \count($this->parser->mistakes)];
        $this->parser->at += $sign;
        $value = $isCin ? new Operation(OperationKey::AnswerStream) : new VariableRead($stream->text);
        $isOwn = false;
        while ($this->parser->accept('>>')) {
            $target = $this->parser->expression(8);
            $reader = $this->readerOf($target);
            if (null === $reader) {
                if ($isOwn) {
                    $this->parser->fail('unsupported', $from, ['what' => '>> … >> …']);
                }
                $this->parser->at = $start;
                while (\count($this->parser->mistakes) > $mistakes) {
                    array_pop($this->parser->mistakes);
                }

                return null;
            }
            $isOwn = true;
            $this->parser->symbols->wanted[] = new Token(TokenKind::Name, $reader, $from->offset);
            $value = new OwnValue($reader, [$value, $target]);
        }
        if (!$isCin) {
            $this->parser->read($stream->text, $stream->offset);
        }

        return $value instanceof OwnValue ? $value : null;
    }

    private function readerOf(Expression $target): ?string
    {
        return $this->readers[trim((string) preg_replace('/^const\b|&/', '', $this->parser->typeOf($target)))] ?? null;
    }
}
