<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Python\DrawingModule;
use Scrivlet\Core\Language\Python\PythonStatements;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Statement;

/** What sets up the module that draws. */
final class DrawingRows
{
    public function __construct(private readonly PythonStatements $parser)
    {
    }

    /** Rows of the standard drawing module for which the sheet has nothing, and what makes its objects: they stay as they are. */
    public function drawingSetup(Token $token): ?Statement
    {
        if ([] === $this->parser->drawing && !$this->parser->drawsFreely) {
            return null;
        }
        $makes = $this->parser->is('=', 1) ? 2 : null;
        $at = $makes ?? 0;
        $object = $this->parser->peek($at)->text ?? '';
        $isMember = isset($this->parser->drawing[$object]) && $this->parser->is('.', $at + 1);
        $function = $this->parser->peek($isMember ? $at + 2 : $at);
        $opened = $isMember ? $at + 3 : $at + 1;
        if (null === $function || !$this->parser->is('(', $opened) || !$isMember && !$this->parser->drawsFreely) {
            return null;
        }
        if (null !== $makes && \in_array($function->text, DrawingModule::MAKERS, true)) {
            $this->parser->drawing[$token->text] = true;
        } elseif (null !== $makes || !\in_array($function->text, DrawingModule::WITHOUT_EFFECT, true)) {
            return null;
        }
        $this->parser->at += $opened;
        $bracket = $this->parser->peek();
        \assert(null !== $bracket);
        ++$this->parser->at;
        $arguments = $this->parser->arguments($bracket);
        if ('fillcolor' === $function->text && isset($arguments[0])) {
            $this->parser->libraryModules->filled($arguments[0]->value);
        }

        return new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value);
    }

    /** Names of colours that the drawing module knows, in what a variable gets. */
    public function coloured(Expression $value): Expression
    {
        if ([] === $this->parser->drawing && !$this->parser->drawsFreely) {
            return $value;
        }

        if ($value instanceof Operation && OperationKey::AsTuple === $value->key) {
            return $value->withOperands(array_map($this->coloured(...), $value->arguments));
        }

        return $value instanceof ListLiteral ? new ListLiteral(array_map(DrawingModule::colour(...), $value->items)) : DrawingModule::colour($value);
    }
}
