<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Program\Zip;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Class lists as other programs of a school write and read them. */
final readonly class ClassLists
{
    private const SEPARATORS = [',', ';', "\t"];

    private CsvEncoder $csv;

    public function __construct(private PupilRepository $pupils)
    {
        $this->csv = new CsvEncoder();
    }

    /** @return list<list<string>> the rows of a table in whatever of the usual forms it is */
    public function table(string $text): array
    {
        // What office programs write is UTF-16, UTF-8 with or without its mark, or of the machine.
        $text = match (true) {
            str_starts_with($text, "\xff\xfe") => mb_convert_encoding($text, 'UTF-8', 'UTF-16LE'),
            str_starts_with($text, "\xfe\xff") => mb_convert_encoding($text, 'UTF-8', 'UTF-16BE'),
            !mb_check_encoding($text, 'UTF-8') => mb_convert_encoding($text, 'UTF-8', 'Windows-1252'),
            default => $text,
        };
        $text = trim((string) preg_replace(['/^\x{feff}/u', '/\r\n?/'], ['', "\n"], (string) $text));
        if ('' === $text) {
            return [];
        }
        $first = explode("\n", $text, 2)[0];
        $counts = array_map(static fn (string $separator): int => substr_count($first, $separator), self::SEPARATORS);
        $separator = self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
        $rows = $this->csv->decode($text."\n", 'csv', [CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::DELIMITER_KEY => $separator, CsvEncoder::AS_COLLECTION_KEY => true]);

        return array_map(static fn (mixed $row): array => array_values(array_map(static fn (mixed $cell): string => \is_scalar($cell) ? (string) $cell : '', \is_array($row) ? $row : [$row])), array_values(\is_array($rows) ? $rows : []));
    }

    /** Names, one a row; with the mark by which office programs know UTF-8. */
    public function plain(SchoolClass $class): string
    {
        return $this->written(array_map(static fn (Pupil $pupil): array => ['name' => $pupil->name(), 'id' => $pupil->sourcedId() ?? '', 'joined' => $pupil->joinedAt()->format('Y-m-d')], $this->pupils->of($class)), ['name', 'id', 'joined']);
    }

    /** `users.csv`, `enrollments.csv`, `classes.csv` and `manifest.csv` as OneRoster 1.2 has them (IMS OneRoster 1.2, CSV binding, 5), of what is known here. */
    public function oneRoster(SchoolClass $class): string
    {
        $pupils = $this->pupils->of($class);
        $id = static fn (Pupil $pupil): string => $pupil->sourcedId() ?? 'scrivlet-'.$pupil->id();
        $classId = 'scrivlet-class-'.$class->id();
        $files = [
            'manifest.csv' => $this->written([
                ['propertyName' => 'manifest.version', 'value' => '1.0'], ['propertyName' => 'oneroster.version', 'value' => '1.2'],
                ['propertyName' => 'file.classes', 'value' => 'bulk'], ['propertyName' => 'file.enrollments', 'value' => 'bulk'], ['propertyName' => 'file.users', 'value' => 'bulk'],
            ], ['propertyName', 'value'], false),
            'classes.csv' => $this->written([['sourcedId' => $classId, 'status' => '', 'dateLastModified' => '', 'title' => $class->name(), 'classType' => 'scheduled']], ['sourcedId', 'status', 'dateLastModified', 'title', 'classType'], false),
            'users.csv' => $this->written(array_map(static fn (Pupil $pupil): array => ['sourcedId' => $id($pupil), 'status' => '', 'dateLastModified' => '', 'enabledUser' => 'true', 'username' => $id($pupil), 'givenName' => $pupil->name(), 'familyName' => '', 'role' => 'student'], $pupils), ['sourcedId', 'status', 'dateLastModified', 'enabledUser', 'username', 'givenName', 'familyName', 'role'], false),
            'enrollments.csv' => $this->written(array_map(static fn (Pupil $pupil): array => ['sourcedId' => 'scrivlet-enrollment-'.$pupil->id(), 'status' => '', 'dateLastModified' => '', 'classSourcedId' => $classId, 'userSourcedId' => $id($pupil), 'role' => 'student', 'primary' => 'false', 'beginDate' => $pupil->joinedAt()->format('Y-m-d'), 'endDate' => $class->endsOn()->format('Y-m-d')], $pupils), ['sourcedId', 'status', 'dateLastModified', 'classSourcedId', 'userSourcedId', 'role', 'primary', 'beginDate', 'endDate'], false),
        ];

        return Zip::of($files);
    }

    /**
     * @param list<array<string, string|int|float>> $rows
     * @param list<string>                          $columns
     */
    public function written(array $rows, array $columns, bool $isForOffice = true): string
    {
        // A cell that an office program would take for a formula is a text there (OWASP, CSV injection).
        return $this->csv->encode($rows, 'csv', [CsvEncoder::HEADERS_KEY => $columns, CsvEncoder::OUTPUT_UTF8_BOM_KEY => $isForOffice, CsvEncoder::ESCAPE_FORMULAS_KEY => $isForOffice, CsvEncoder::END_OF_LINE => "\r\n"]);
    }
}
