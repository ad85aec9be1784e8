<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Edit\Chains;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Plot\Goal;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\PluggedIn;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Words\Words;

/** The scene of a program and its layouts, as the browser draws them before a run. */
final class SettingReport
{
    /** @return array<string, mixed> */
    public static function of(Program $program, string $locale): array
    {
        $setting = $program->setting;
        $layouts = array_map(static fn (string $text): array => self::layout($setting, $text, $locale), Settings::layouts($setting));
        if ([] === $setting->layouts && isset($layouts[0])) {
            // Nobody gave the scene's own first layout its name, so that it has one in every language.
            $layouts[0]['name'] = Words::in($locale)->say("scene.first_$setting->scene");
        }

        return [
            'scene' => $setting->scene,
            'asks' => $setting->asks,
            'chain' => (new Chains($program))->isChain(),
            'own' => [] !== $setting->layouts,
            'layouts' => $layouts,
            'fittings' => SceneName::Lawn->value === $setting->scene ? PluggedIn::of($program) : [],
        ];
    }

    /** @return array<string, mixed> */
    public static function layout(Setting $setting, string $text, string $locale): array
    {
        if (SceneName::Lawn->value === $setting->scene) {
            $lawn = Lawn::read($text);

            return ['text' => $text, 'name' => $lawn->name, 'mower' => [$lawn->x, $lawn->y, $lawn->heading], 'piles' => $lawn->piles, 'goals' => array_map(static fn (array $goal): string => Sentences::of('goal.'.$goal['kind'], ['seconds' => $goal['seconds']], $locale), $lawn->goals)];
        }
        $layout = Layout::read($text);

        return [
            'text' => $text, 'name' => $layout->name, 'rows' => $layout->rows, 'barrow' => [$layout->x, $layout->y, $layout->facing->value], 'load' => $layout->load,
            'goals' => array_map(static fn (Goal $goal): string => Sentences::of("goal.$goal->kind", ['x' => $goal->x, 'y' => $goal->y, 'load' => $goal->load], $locale), $layout->goals),
            'goalTexts' => array_map(static fn (Goal $goal): string => $goal->text(), $layout->goals),
        ];
    }

    /** @return list<array{value: string, isTruth: bool}> what the object of a scene answers, as it is spelled in blanks */
    public static function answers(string $scene): array
    {
        $object = SceneName::tryFrom($scene)?->object();
        $answers = [];
        foreach (Catalogue::entries() as $entry) {
            if (!$entry->value || !$entry->command || $entry->fromText || $entry->object() !== $object) {
                continue;
            }
            foreach ([] === $entry->slots ? [''] : $entry->slots[0]->choices as $given) {
                $answers[] = ['value' => "$entry->key($given)", 'isTruth' => 'truth' === $entry->answers];
            }
        }

        return $answers;
    }

    /** @return list<array{sign: string, name: string}> what a cell of the plot can hold */
    public static function cells(): array
    {
        $cells = [];
        foreach ([Layout::HEDGE => 'hedge', Layout::PATH => 'path', Layout::STONE => 'stone', Layout::SEEDLING => 'seedling', Layout::BED => 'bed', Layout::PLANTED_BED => 'planted', Layout::GATE => 'gate', '>' => 'barrow'] as $sign => $name) {
            $cells[] = ['sign' => (string) $sign, 'name' => $name];
        }

        return $cells;
    }

    /** @return array<string, list<array{value: string, words: string}>> the choices of each row's blank, by row and blank */
    public static function choices(string $locale): array
    {
        $choices = [];
        foreach (Catalogue::entries() as $entry) {
            foreach ($entry->slots as $slot) {
                if ([] !== $slot->choices) {
                    $choices["$entry->key $slot->name"] = array_map(static fn (string $choice): array => ['value' => $choice, 'words' => $slot->word($choice, $locale)], $slot->choices);
                }
            }
        }

        return $choices;
    }
}
