<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** Fits the arguments of a call to the spellings of operations. */
final class Spelled
{
    /**
     * @param list<array{OperationKey, list<string>}> $candidates
     * @param list<Argument>                          $arguments
     */
    public static function match(array $candidates, array $arguments, string $text): ?Operation
    {
        foreach ($candidates as [$key, $patterns]) {
            $fitted = self::fit($patterns, $arguments, $text);
            if (null !== $fitted && ValueOperations::get($key)->takes(\count($fitted))) {
                return new Operation($key, $fitted);
            }
        }

        return null;
    }

    /**
     * @param list<string>   $patterns
     * @param list<Argument> $arguments
     *
     * @return list<Expression>|null
     */
    private static function fit(array $patterns, array $arguments, string $text): ?array
    {
        $values = [];
        $at = 0;
        foreach ($patterns as $pattern) {
            if ('{*}' === $pattern) {
                foreach (\array_slice($arguments, $at) as $argument) {
                    if (null !== $argument->name) {
                        return null;
                    }
                    $values[] = $argument->value;
                }

                return array_values($values);
            }
            $argument = $arguments[$at++] ?? null;
            if (null === $argument) {
                return null;
            }
            if (1 === preg_match('/^\{(\d)(:all)?(?::\d+)?\}$/', $pattern, $match)) {
                if (null !== $argument->name || $argument->all !== (':all' === ($match[2] ?? ''))) {
                    return null;
                }
                $values[(int) $match[1]] = $argument->value;
            } elseif ($pattern !== preg_replace('/\s*=\s*/', '=', substr($text, $argument->offset, $argument->end - $argument->offset)) && $pattern !== ($argument->name ?? '').'='.trim(substr($text, $argument->offset, $argument->end - $argument->offset))) {
                return null;
            }
        }
        if ($at < \count($arguments)) {
            return null;
        }
        ksort($values);

        return array_values($values);
    }
}
