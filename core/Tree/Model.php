<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What a row that was written in the place of a printed one has to do. */
final readonly class Model
{
    /**
     * @param string         $language in which the row was written
     * @param Statement|null $row      the printed row, without what it holds; null where one row became several and this is
     *                                 not the first of them
     * @param int|null       $of       id of the first of those rows, if this is not the first
     */
    public function __construct(public string $language, public ?Statement $row, public ?int $of = null)
    {
    }

    public static function of(Statement $row, string $language): self
    {
        foreach (array_keys($row->bodies()) as $name) {
            $row = $row->withBody($name, new Block());
        }

        return new self($language, $row);
    }

    /** The printed row, holding what the written one holds where it has the same place for it. */
    public function holding(Statement $written): ?Statement
    {
        $row = $this->row;
        foreach ($written->bodies() as $name => $body) {
            if (null !== $row && isset($row->bodies()[$name])) {
                $row = $row->withBody($name, $body);
            }
        }

        return $row?->withId($written->id)->withOff($written->off);
    }
}
