<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;

/** What is written into a stream needs nothing made of it first (C++17, 30.7.5.2 and 24.3.3.9). */
final class ShownParts
{
    public static function shortened(Expression $part, string $text): string
    {
        $text = (string) preg_replace('/^string\((\w+\.what\(\))\)$/D', '$1', $text);
        if ($part instanceof Operation && OperationKey::Length === $part->key) {
            // A size shows as the number that it is.
            return (string) preg_replace('/^int\((.*\.size\(\))\)$/sD', '$1', $text);
        }
        if ($part instanceof Choice && $part->then instanceof TextLiteral && $part->otherwise instanceof TextLiteral) {
            $literal = '("(?:[^"\\\\]|\\\\.)*+")';

            return (string) preg_replace("/ \\? string\\($literal\\) : string\\($literal\\)(?=\\)?$)/sD", ' ? $1 : $2', $text);
        }

        return $text;
    }
}
