<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Tree\Walk;

/** Which scene a program that was read from text acts on. */
final class Scenes
{
    /** The program with the setting it had; as long as it named no scene, with the scene that it names now. */
    public static function settled(Program $program, ?Program $old): Program
    {
        $isOpen = null === $old || [] === $old->setting->layouts && null === self::named($old);
        $scene = $isOpen ? self::named($program) : null;
        $before = $old->setting ?? new Setting();

        return $program->withSetting(null === $scene || $scene->value === $before->scene ? $before : new Setting($scene->value, [], $before->asks));
    }

    /** The scene of the first command that belongs to one. */
    public static function named(Program $program): ?SceneName
    {
        foreach (Walk::statements($program->parts()) as $row) {
            $scene = match (true) {
                $row instanceof Command => SceneName::ofCommand($row->command),
                $row instanceof Handler => SceneName::ofCommand($row->command()),
                default => null,
            };
            foreach (null === $scene ? Walk::expressionsOf($row) : [] as $value) {
                $scene ??= match (true) {
                    $value instanceof CommandValue => SceneName::ofCommand($value->command),
                    $value instanceof Operation && null !== FittingKind::tryFrom($value->key->value) => SceneName::Lawn,
                    default => null,
                };
            }
            if (null !== $scene) {
                return $scene;
            }
        }

        return null;
    }
}
