<?php

declare(strict_types=1);

namespace Scrivlet\Core\Register;

/**
 * Who is to be in a class, from a table that a school has: OneRoster 1.2 `users.csv` (sourcedId, status, role or roles,
 * preferredGivenName, givenName, familyName), or any table or plain list in which names stand.
 */
final readonly class NameList
{
    /** Letters of a pupil's name. */
    public const LONGEST_NAME = 60;
    /** Rows that are looked at. */
    public const MOST = 500;
    private const GIVEN = ['preferredgivenname', 'preferredfirstname', 'givenname', 'firstname', 'prenom', 'vorname'];
    private const FAMILY = ['preferredfamilyname', 'preferredlastname', 'familyname', 'lastname', 'surname', 'nom'];
    private const WHOLE = ['name', 'names', 'pupil', 'student', 'fullname', 'eleve', 'noms', 'prenomnom', 'nometprenom'];
    private const ID = ['sourcedid', 'id', 'identifier'];

    /**
     * @param list<array{name: string, id: string|null, row: int}> $people
     * @param list<array{row: int, why: string, text: string}>     $left   rows that are nobody to take, with the key of what is said of them
     */
    private function __construct(public array $people, public array $left)
    {
    }

    /**
     * @param list<list<string>>           $table    rows of cells; the first may say what stands in the columns
     * @param array<int|string, true>|null $enrolled the ids of those who are meant; the others are passed over without a word
     */
    public static function of(array $table, ?array $enrolled = null): self
    {
        if (1 === \count($table) && \count($table[0]) > 2) {
            // Names in one line, set apart by commas.
            $table = array_map(static fn (string $cell): array => [$cell], $table[0]);
        }
        $head = array_map(self::plain(...), $table[0] ?? []);
        $columns = ['given' => self::column($head, self::GIVEN), 'family' => self::column($head, self::FAMILY), 'name' => self::column($head, self::WHOLE), 'id' => self::column($head, self::ID), 'role' => self::column($head, ['role', 'roles']), 'status' => self::column($head, ['status', 'enableduser'])];
        $hasHead = null !== $columns['name'] || null !== $columns['given'] || null !== $columns['family'];
        $people = $left = $seen = [];
        foreach ($table as $index => $cells) {
            $cells = array_map(static fn (string $cell): string => trim((string) preg_replace('/[\x00-\x1f\x7f\x{feff}]+|\s+/u', ' ', $cell)), $cells);
            $row = $index + 1;
            if ($hasHead && 0 === $index || '' === implode('', $cells)) {
                continue;
            }
            $text = implode(', ', array_filter($cells, static fn (string $cell): bool => '' !== $cell));
            $name = $hasHead ? self::named($cells, $columns) : implode(' ', array_filter($cells, static fn (string $cell): bool => '' !== $cell));
            $id = null === $columns['id'] || !$hasHead ? null : ($cells[$columns['id']] ?? '');
            if (null !== $enrolled && !isset($enrolled[$id ?? ''])) {
                continue;
            }
            $why = match (true) {
                \count($people) + \count($left) >= self::MOST => 'names.many',
                null !== $columns['role'] && $hasHead && !self::isPupil($cells[$columns['role']] ?? '') => 'names.role',
                null !== $columns['status'] && $hasHead && \in_array(mb_strtolower($cells[$columns['status']] ?? ''), ['tobedeleted', 'inactive', 'false'], true) => 'names.inactive',
                '' === $name => 'names.empty',
                mb_strlen($name) > self::LONGEST_NAME => 'names.long',
                isset($seen[mb_strtolower($name)]) => 'names.twice',
                default => null,
            };
            if (null !== $why) {
                $left[] = ['row' => $row, 'why' => $why, 'text' => mb_substr($text, 0, 80)];
                continue;
            }
            $seen[mb_strtolower($name)] = true;
            $people[] = ['name' => $name, 'id' => '' === ($id ?? '') ? null : mb_substr((string) $id, 0, 64), 'row' => $row];
        }

        return new self($people, $left);
    }

    /**
     * @param list<string>            $cells
     * @param array<string, int|null> $columns
     */
    private static function named(array $cells, array $columns): string
    {
        $of = static fn (string $what): string => null === $columns[$what] ? '' : $cells[$columns[$what]] ?? '';

        return '' !== $of('name') ? $of('name') : trim($of('given').' '.$of('family'));
    }

    /** Who is not said to be anything is a pupil (OneRoster 1.2 knows `student` among its roles). */
    private static function isPupil(string $role): bool
    {
        return '' === $role || 1 === preg_match('/student|pupil|learner|el[eè]ve/iu', $role);
    }

    /**
     * @param list<string> $head
     * @param list<string> $names the first that is there counts
     */
    private static function column(array $head, array $names): ?int
    {
        foreach ($names as $name) {
            $at = array_search($name, $head, true);
            if (false !== $at) {
                return $at;
            }
        }

        return null;
    }

    private static function plain(string $title): string
    {
        return (string) preg_replace('/[^a-z0-9]/', '', strtr(mb_strtolower($title), ['é' => 'e', 'è' => 'e', 'ê' => 'e']));
    }
}
