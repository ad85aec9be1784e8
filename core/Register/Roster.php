<?php

declare(strict_types=1);

namespace Scrivlet\Core\Register;

use Scrivlet\Core\Refusal;

/**
 * The tables of OneRoster 1.2 that say who is in a class (IMS OneRoster 1.2, CSV binding, 5): `users.csv`, and where a school
 * gives all of its users at once, `enrollments.csv` and `classes.csv`. Any other list of names is `users` alone.
 */
final readonly class Roster
{
    /**
     * @param list<list<list<string>>> $tables in whatever order
     * @param string                   $class  the name of the class into which they go
     *
     * @throws Refusal if they are of several classes, none of which has that name
     */
    public static function of(array $tables, string $class): NameList
    {
        $users = $enrolled = $titles = [];
        foreach ($tables as $table) {
            $head = array_map(static fn (string $cell): string => mb_strtolower(trim($cell, " \t\"\u{feff}")), $table[0] ?? []);
            if (\in_array('usersourcedid', $head, true) && \in_array('classsourcedid', $head, true)) {
                foreach (self::rows($table, $head) as $row) {
                    if (\in_array(mb_strtolower($row['role'] ?? ''), ['', 'student'], true) && 'tobedeleted' !== mb_strtolower($row['status'] ?? '')) {
                        $enrolled[$row['classsourcedid']][$row['usersourcedid']] = true;
                    }
                }
            } elseif (\in_array('sourcedid', $head, true) && \in_array('title', $head, true)) {
                foreach (self::rows($table, $head) as $row) {
                    $titles[$row['sourcedid']] = $row['title'];
                }
            } elseif (!\in_array('propertyname', $head, true)) {
                $users = [...$users, ...([] === $users ? $table : \array_slice($table, 1))];
            }
        }
        if ([] === $enrolled) {
            return NameList::of($users);
        }
        $named = array_keys(array_filter($titles, static fn (string $title): bool => mb_strtolower(trim($title)) === mb_strtolower(trim($class))));
        $chosen = array_values(array_intersect($named, array_keys($enrolled)))[0] ?? (1 === \count($enrolled) ? array_key_first($enrolled) : null);
        if (null === $chosen) {
            throw new Refusal('names.classes', ['titles' => implode(', ', \array_slice(array_map(static fn (int|string $id): string => $titles[$id] ?? (string) $id, array_keys($enrolled)), 0, 12))]);
        }

        return NameList::of($users, $enrolled[$chosen]);
    }

    /**
     * @param list<list<string>> $table
     * @param list<string>       $head
     *
     * @return list<array<string, string>>
     */
    private static function rows(array $table, array $head): array
    {
        return array_map(static function (array $cells) use ($head): array {
            $row = [];
            foreach ($head as $at => $name) {
                $row[$name] = trim($cells[$at] ?? '');
            }

            return $row;
        }, \array_slice($table, 1));
    }
}
