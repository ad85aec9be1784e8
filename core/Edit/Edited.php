<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Tree\Program;

/** What an edit gave. */
final readonly class Edited
{
    /**
     * @param string    $kind  insert, move, duplicate, delete, unwrap, wrap, on, off or fill, for the history
     * @param string    $what  the catalogue's entry, where a row was put in
     * @param list<int> $rows  the rows that are to be selected now
     * @param int|null  $focus the row whose first blank is filled in next
     */
    public function __construct(public Program $program, public string $kind, public string $what, public array $rows, public ?int $focus = null)
    {
    }
}
