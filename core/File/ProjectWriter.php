<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Form;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Model;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Tree\Statement;

/** Writes the project file, `*.scrivlet.json`; its format is described in docs/project-file.md. */
final class ProjectWriter
{
    public const FORMAT = 'scrivlet';

    public static function write(string $name, Program $program): string
    {
        return self::json(['format' => self::FORMAT, 'version' => Form::VERSION, 'name' => $name, 'program' => self::program($program)], true);
    }

    /** A program alone and on one line, with the ids of its rows, as it is kept. */
    public static function kept(Program $program): string
    {
        return self::json(['form' => Form::VERSION, ...self::program($program)], false);
    }

    /** @param list<Statement> $rows */
    public static function rows(array $rows): string
    {
        return self::json(['format' => self::FORMAT, 'version' => Form::VERSION, 'rows' => array_map(Form::row(...), $rows)], false);
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data, bool $pretty): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | ($pretty ? \JSON_PRETTY_PRINT : 0), 8 * Bounds::JSON).($pretty ? "\n" : '');
    }

    /** @return array<string, mixed> */
    private static function program(Program $program): array
    {
        return [
            'nextId' => $program->nextId,
            ...($program->setting == new Setting() ? [] : ['setting' => self::setting($program->setting)]),
            'functions' => array_map(Form::row(...), $program->functions),
            'script' => Form::row($program->script),
            ...([] === $program->below ? [] : ['below' => array_map(Form::row(...), $program->below)]),
            ...([] === $program->handwriting ? [] : ['handwriting' => array_map(self::handwriting(...), $program->handwriting)]),
            ...([] === $program->hands ? [] : ['hands' => array_map(static fn (int $id, Hand $hand): array => [$id, $hand->value], array_keys($program->hands), $program->hands)]),
            ...([] === $program->models ? [] : ['models' => array_map(self::model(...), array_keys($program->models), $program->models)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function setting(Setting $setting): array
    {
        return ['scene' => $setting->scene, ...([] === $setting->layouts ? [] : ['layouts' => $setting->layouts]), ...($setting->asks ? ['asks' => true] : [])];
    }

    /** @return array<string, mixed> */
    private static function model(int $id, Model $model): array
    {
        return ['id' => $id, 'language' => $model->language, ...(null === $model->row ? [] : ['row' => Form::row($model->row)]), ...(null === $model->of ? [] : ['of' => $model->of])];
    }

    /** @return array<string, mixed> */
    private static function handwriting(Handwriting $handwriting): array
    {
        return [
            'text' => $handwriting->text,
            'pieces' => array_map(static fn (Piece $piece): array => [$piece->id, $piece->part, $piece->start, $piece->coreStart, $piece->coreEnd, $piece->fingerprint, $piece->parent, (int) $piece->tight], $handwriting->pieces),
        ];
    }
}
