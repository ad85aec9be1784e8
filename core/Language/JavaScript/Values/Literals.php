<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\Shadows;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Lists, objects and texts as they are written. */
final class Literals
{
    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    public function list(Token $opened): Expression
    {
        ++$this->parser->at;
        $items = [];
        $spread = null;
        while (!$this->parser->is(']')) {
            if ($this->parser->is(',')) {
                // A place that is left out is none of a list here (ECMAScript 2022, 13.2.4).
                $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '[ , ]']);
            }
            if ($this->parser->accept('...')) {
                $more = $this->parser->expression();
                $spread = null === $spread && [] === $items ? new Operation($more instanceof VariableRead && isset($this->parser->begun[$more->name]) ? OperationKey::AsList : OperationKey::Copied, [$more])
                    : new Operation(OperationKey::Concatenated, [$this->gathered($spread, $items), $more]);
                $items = [];
            } else {
                $items[] = $this->parser->giving();
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);
        if (null === $spread) {
            return new ListLiteral($items);
        }
        $all = $this->gathered($spread, $items);

        return $all instanceof Operation && OperationKey::Concatenated === $all->key && $all->arguments[0] instanceof Operation && OperationKey::Copied === $all->arguments[0]->key
            ? new Operation(OperationKey::Concatenated, [$all->arguments[0]->arguments[0], $all->arguments[1]])
            : $all;
    }

    /** @param list<Expression> $items */
    private function gathered(?Expression $spread, array $items): Expression
    {
        if (null === $spread) {
            return new ListLiteral($items);
        }

        return [] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)]);
    }

    public function map(Token $opened): Expression
    {
        ++$this->parser->at;
        $entries = $parts = [];
        while (!$this->parser->is('}')) {
            $key = $this->parser->peek();
            if (null === $key) {
                $this->parser->neverClosed($opened);
            }
            if ($this->parser->accept('...')) {
                if ([] !== $entries) {
                    $parts[] = new MapLiteral($entries);
                    $entries = [];
                }
                $parts[] = $this->parser->expression();
                if (!$this->parser->accept(',')) {
                    break;
                }
                continue;
            }
            if ('*' === $key->text) {
                $this->parser->fail('unsupported', $key, ['what' => '{ '.$key->text.' …() { … } }']);
            }
            if ('async' === $key->text && TokenKind::Name === $this->parser->peek(1)?->kind && $this->parser->is('(', 2)) {
                ++$this->parser->at;
                $name = $this->parser->peek() ?? $key;
                $entries[] = new TextLiteral(Shadows::written($name, $this->parser->shadows));
                $entries[] = $this->parser->laterValue($name);
                if (!$this->parser->accept(',')) {
                    break;
                }
                continue;
            }
            $isGetter = \in_array($key->text, ['get', 'set'], true) && \in_array($this->parser->peek(1)?->kind, [TokenKind::Name, TokenKind::Keyword], true) && $this->parser->is('(', 2);
            $sort = $isGetter ? ('get' === $key->text ? 'asked' : 'set') : 'tied';
            if ($isGetter || 'async' !== $key->text && $this->parser->is('(', 1) && (TokenKind::Name === $key->kind || TokenKind::Keyword === $key->kind)) {
                $this->parser->at += (int) $isGetter;
                $name = $this->parser->peek() ?? $key;
                $entries[] = new TextLiteral(Shadows::written($name, $this->parser->shadows));
                $entries[] = $this->parser->methodValue($name, $sort);
                if (!$this->parser->accept(',')) {
                    break;
                }
                continue;
            }
            if (TokenKind::Name === $key->kind || TokenKind::Keyword === $key->kind) {
                ++$this->parser->at;
                $entries[] = new TextLiteral(Shadows::written($key, $this->parser->shadows));
                if ($this->parser->is(',') || $this->parser->is('}')) {
                    $this->parser->read($key->text, $key->offset);
                    $entries[] = new VariableRead($key->text);
                    $this->parser->accept(',');
                    continue;
                }
            } elseif ('[' === $key->text && TokenKind::Sign === $key->kind) {
                ++$this->parser->at;
                $entries[] = $this->parser->expression();
                $this->parser->close($key);
            } else {
                $entries[] = $this->parser->expression();
            }
            if (!$this->parser->accept(':')) {
                $this->parser->fail('colon_in_map', null, [], [new Replacement($this->parser->endOffset(), 0, ':')]);
            }
            $entries[] = $this->parser->is('function') && $this->parser->is('(', 1) && $this->parser->saysThis($this->parser->at) ? $this->parser->methodValue($key, 'tied') : $this->parser->giving();
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);

        if ([] === $parts) {
            return new MapLiteral($entries);
        }
        if ([] !== $entries) {
            $parts[] = new MapLiteral($entries);
        }
        $map = array_shift($parts);

        return [] === $parts ? new Operation(OperationKey::Copied, [$map]) : array_reduce($parts, static fn (Expression $before, Expression $part): Expression => new Operation(OperationKey::Merged, [$before, $part]), $map);
    }

    public function literal(Token $token): Expression
    {
        if ('`' !== $token->text[0]) {
            return new TextLiteral($this->parser->quoted($token));
        }
        $inner = substr($token->text, 1, str_ends_with($token->text, '`') && 1 < \strlen($token->text) ? -1 : null);
        if (!str_ends_with($token->text, '`') || 1 === \strlen($token->text)) {
            $this->parser->fail('quote_missing', $token, ['quote' => '`']);
        }
        $parts = [];
        $text = '';
        for ($at = 0; $at < \strlen($inner); ++$at) {
            if ('\\' === $inner[$at]) {
                $text .= $inner[$at].($inner[++$at] ?? '');
                continue;
            }
            if ('$' !== $inner[$at] || '{' !== ($inner[$at + 1] ?? '')) {
                $text .= $inner[$at];
                continue;
            }
            $depth = 1;
            $start = $at + 2;
            for ($end = $start; $end < \strlen($inner) && $depth > 0; ++$end) {
                $depth += '{' === $inner[$end] ? 1 : ('}' === $inner[$end] ? -1 : 0);
            }
            if ($depth > 0) {
                $this->parser->failAt('bracket_missing', $token->offset + $at + 1, 2, ['opened' => '${', 'wanted' => '}']);
            }
            if ('' !== $text) {
                $parts[] = new TextLiteral(BraceExpressions::unescaped($text));
                $text = '';
            }
            $parts[] = $this->parser->embedded(substr($inner, $start, $end - 1 - $start), $token->offset + 1 + $start);
            $at = $end - 1;
        }
        if ('' !== $text) {
            $parts[] = new TextLiteral(BraceExpressions::unescaped($text));
        }
        if ([] === $parts) {
            return new TextLiteral('');
        }
        $isAlone = 1 === \count($parts);
        $joined = array_shift($parts);
        foreach ($parts as $part) {
            $joined = new Binary(Operator::Join, $joined, $part);
        }

        return !$isAlone || $joined instanceof TextLiteral ? $joined : new Binary(Operator::Join, new TextLiteral(''), $joined);
    }
}
