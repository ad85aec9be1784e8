<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

enum UnaryOperator: string
{
    case Negate = 'negate';
    case Not = 'not';
}
