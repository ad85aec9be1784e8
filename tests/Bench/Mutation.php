<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

use PhpParser\Node;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;

/** Finds what can be changed, or changes the one that is asked for. */
final class Mutation extends NodeVisitorAbstract
{
    private const OPERATORS = [
        Node\Expr\BinaryOp\Plus::class => Node\Expr\BinaryOp\Minus::class, Node\Expr\BinaryOp\Minus::class => Node\Expr\BinaryOp\Plus::class,
        Node\Expr\BinaryOp\Mul::class => Node\Expr\BinaryOp\Plus::class,
        Node\Expr\BinaryOp\Smaller::class => Node\Expr\BinaryOp\SmallerOrEqual::class, Node\Expr\BinaryOp\SmallerOrEqual::class => Node\Expr\BinaryOp\Smaller::class,
        Node\Expr\BinaryOp\Greater::class => Node\Expr\BinaryOp\GreaterOrEqual::class, Node\Expr\BinaryOp\GreaterOrEqual::class => Node\Expr\BinaryOp\Greater::class,
        Node\Expr\BinaryOp\Identical::class => Node\Expr\BinaryOp\NotIdentical::class, Node\Expr\BinaryOp\NotIdentical::class => Node\Expr\BinaryOp\Identical::class,
        Node\Expr\BinaryOp\BooleanAnd::class => Node\Expr\BinaryOp\BooleanOr::class, Node\Expr\BinaryOp\BooleanOr::class => Node\Expr\BinaryOp\BooleanAnd::class,
    ];

    /** @var list<array{int, string}> line and what is done there */
    public array $sites = [];

    public function __construct(private readonly ?int $wanted = null)
    {
    }

    /** `strict_types=2` is no PHP, and no test is needed to find that. */
    public function enterNode(Node $node): ?int
    {
        return $node instanceof Node\Stmt\Declare_ ? NodeVisitor::DONT_TRAVERSE_CHILDREN : null;
    }

    public function leaveNode(Node $node): ?Node
    {
        if ($node instanceof Node\Expr\BinaryOp && isset(self::OPERATORS[$node::class])) {
            $class = self::OPERATORS[$node::class];

            return $this->site($node, $node->getOperatorSigil().' becomes '.(new $class($node->left, $node->right))->getOperatorSigil(), static fn (): Node => new $class($node->left, $node->right));
        }
        if ($node instanceof Node\Expr\BooleanNot) {
            return $this->site($node, '! is taken away', static fn (): Node => $node->expr);
        }
        if ($node instanceof Node\Scalar\Int_ && $node->value < 1000) {
            return $this->site($node, "$node->value becomes ".($node->value + 1), static fn (): Node => new Node\Scalar\Int_($node->value + 1));
        }
        if ($node instanceof Node\Expr\ConstFetch && \in_array($node->name->toLowerString(), ['true', 'false'], true)) {
            $other = 'true' === $node->name->toLowerString() ? 'false' : 'true';

            return $this->site($node, "becomes $other", static fn (): Node => new Node\Expr\ConstFetch(new Node\Name($other)));
        }
        if ($node instanceof Node\Stmt\Continue_) {
            return $this->site($node, 'continue becomes break', static fn (): Node => new Node\Stmt\Break_($node->num));
        }

        return null;
    }

    /** @param \Closure(): Node $change */
    private function site(Node $node, string $what, \Closure $change): ?Node
    {
        $this->sites[] = [$node->getStartLine(), $what];

        return \count($this->sites) - 1 === $this->wanted ? $change() : null;
    }
}
