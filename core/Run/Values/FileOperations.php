<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/**
 * Files of Python (The Python Standard Library, built-in function `open` and `io`). A run has a folder of its own, which is
 * empty when it begins and gone when it ends: what a program wrote it can read again.
 */
trait FileOperations
{
    /** @var array<string, FileContent> by the names the folder has for them */
    private array $files = [];

    public function fileOpened(mixed $name, mixed $mode = 'r'): FileValue
    {
        $name = self::text_($name);
        $mode = str_replace('t', '', self::text_($mode));
        if (!\in_array($mode, ['r', 'w', 'a'], true)) {
            throw new RunError('file_mode', ['mode' => mb_substr($mode, 0, 10)], "invalid mode: '$mode'");
        }
        $place = self::placeOf($name);
        // There are no folders in it.
        if ('r' === $mode && !isset($this->files[$place]) || str_contains($place, '/')) {
            throw $this->notThere($name);
        }
        $content = $this->files[$place] ??= new FileContent();
        Room::spend(1);
        if ('w' === $mode) {
            $content->text = '';
        }

        return new FileValue($name, $content, $mode);
    }

    public function fileRead(mixed $file): string
    {
        $file = $this->reading($file);
        $rest = $file->rest();

        return $this->bounded($rest);
    }

    public function fileLine(mixed $file): string
    {
        Room::spend(1);

        return $this->reading($file)->line();
    }

    public function fileLines(mixed $file): ListValue
    {
        return new ListValue(iterator_to_array($this->linesOf($this->reading($file)), false));
    }

    public function fileWritten(mixed $file, mixed $text): int
    {
        $file = $this->writing($file);
        if (!\is_string($text)) {
            throw new RunError('not_a_text', [], 'write() argument must be str, not '.$this->kind($text));
        }
        $file->content->text = $this->bounded($file->content->text.$text);

        return mb_strlen($text);
    }

    public function fileLinesWritten(mixed $file, mixed $lines): void
    {
        foreach ($this->over($lines) as $line) {
            $this->fileWritten($file, $line);
        }
    }

    /** What a row that holds something has under its name: a file itself, of an object what it gives. */
    public function entered(mixed $held): mixed
    {
        if ($held instanceof FileValue) {
            return $held;
        }
        if ($held instanceof ListValue && null !== $held->more) {
            return $this->nextItem($held);
        }

        return $this->can($held, ClassDefinition::ENTERS) && $this->can($held, ClassDefinition::EXITS) ? $this->asked($held, ClassDefinition::ENTERS) : throw new RunError('not_held', ['value' => mb_substr($this->show($held), 0, 30)]);
    }

    /**
     * Lets go of an object that was held; true if that ends what failed.
     *
     * @param mixed $kind nothing where all went well
     * @param mixed $what says what failed
     */
    public function left(mixed $held, mixed $kind, mixed $what): bool
    {
        return $this->truth($this->asked($held, ClassDefinition::EXITS, $kind, $what, $kind));
    }

    public function fileClosed(mixed $file): void
    {
        self::file_($file)->isClosed = true;
    }

    public function fileThere(mixed $name): bool
    {
        return isset($this->files[self::placeOf(self::text_($name))]);
    }

    public function fileGone(mixed $name): void
    {
        $name = self::text_($name);
        if (!isset($this->files[self::placeOf($name)])) {
            if ($this->facts->typed) {
                // It gives a number that says so (C11, 7.21.4.1).
                return;
            }
            throw $this->notThere($name, 'unlink');
        }
        // Who has it open has its content still.
        unset($this->files[self::placeOf($name)]);
    }

    /** `ifstream`: what the file holds as it is opened (C++17, 30.9.3). */
    public function fileIn(mixed $name): StreamValue
    {
        Room::spend(1);
        $content = $this->files[self::placeOf(self::text_($name))] ?? null;

        return new StreamValue($content->text ?? '', isThere: null !== $content);
    }

    /** `ofstream` (C++17, 30.9.4). */
    public function fileOut(mixed $name, bool $isAnew = true): StreamValue
    {
        Room::spend(1);
        $place = self::placeOf(self::text_($name));
        // There are no folders in it.
        if ('' === $place || str_contains($place, '/')) {
            return new StreamValue('', static function (): void {}, isThere: false);
        }
        $content = $this->files[$place] ??= new FileContent();
        $content->text = $isAnew ? '' : $content->text;

        return new StreamValue('', function (string $text) use ($content): void {
            $content->text = $this->bounded($content->text.$text);
        });
    }

    public function fileMore(mixed $name): StreamValue
    {
        return $this->fileOut($name, false);
    }

    /** `fs.readFileSync` (Node.js, File system). */
    public function fileText(mixed $name): string
    {
        $name = $this->text($name);
        Room::spend(1);

        return $this->bounded($this->files[self::placeOf($name)]->text ?? throw $this->notThere($name, 'open'));
    }

    public function fileTextPut(mixed $name, mixed $text): void
    {
        $this->fileTextAdded($name, $text, true);
    }

    public function fileTextAdded(mixed $name, mixed $text, bool $isAnew = false): void
    {
        $name = $this->text($name);
        $place = self::placeOf($name);
        if ('' === $place || str_contains($place, '/')) {
            throw $this->notThere($name, 'open');
        }
        $content = $this->files[$place] ??= new FileContent();
        $content->text = $this->bounded(($isAnew ? '' : $content->text).$this->text($text));
        Room::spend(1);
    }

    /** @return \Generator<int, string> the lines that are left, each with its end */
    protected function linesOf(FileValue $file): \Generator
    {
        while ('' !== $line = $this->fileLine($file)) {
            yield $line;
        }
    }

    private static function placeOf(string $name): string
    {
        return preg_replace('~^(?:\./+)+~', '', $name) ?? $name;
    }

    /** @param string $call what the machine was asked for, which Node.js says */
    private function notThere(string $name, string $call = ''): RunError
    {
        return new RunError('no_file', ['name' => mb_substr($name, 0, 40)], $this->isStrict() ? "[Errno 2] No such file or directory: '$name'" : "ENOENT: no such file or directory, $call '$name'");
    }

    private function reading(mixed $file): FileValue
    {
        $file = self::open_($file);

        return 'r' === $file->mode ? $file : throw new RunError('file_no_reading', ['name' => mb_substr($file->name, 0, 40)], 'not readable');
    }

    private function writing(mixed $file): FileValue
    {
        $file = self::open_($file);

        return 'r' !== $file->mode ? $file : throw new RunError('file_no_writing', ['name' => mb_substr($file->name, 0, 40)], 'not writable');
    }

    private static function open_(mixed $file): FileValue
    {
        $file = self::file_($file);

        return $file->isClosed ? throw new RunError('file_closed', ['name' => mb_substr($file->name, 0, 40)], 'I/O operation on closed file.') : $file;
    }

    private static function file_(mixed $file): FileValue
    {
        return $file instanceof FileValue ? $file : throw new RunError('no_method', ['name' => 'close']);
    }
}
