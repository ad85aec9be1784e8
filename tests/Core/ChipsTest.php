<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\Chips;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;

/** What has parts stands in a box of its own inside of something else, so that nobody takes a part of it for a part of that. */
final class ChipsTest extends TestCase
{
    #[TestWith(['beds', true])]
    #[TestWith(['3', false])]
    #[TestWith(['beds[1:3]', true])]
    #[TestWith(['beds[1]', true])]
    #[TestWith(['beds[1:]', true])]
    #[TestWith(['[1, 2]', true])]
    #[TestWith(['{"a": 1}', true])]
    #[TestWith(['len(beds)', true])]
    #[TestWith(['1 if beds else 2', true])]
    #[TestWith(['[x * 2 for x in beds]', true])]
    #[TestWith(['None', true])]
    public function testWhatHasPartsStandsInABox(string $value, bool $isBoxed): void
    {
        $rows = Language::Python->read("beds = [3, 5, 8]\nx = $value\n", Program::empty())->program->script->body->statements;
        $row = end($rows);
        self::assertInstanceOf(SetVariable::class, $row);
        foreach (['en', 'fr'] as $locale) {
            self::assertSame($isBoxed, (new Chips($locale))->of($row->value, true)->boxed);
        }
    }
}
