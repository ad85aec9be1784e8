<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Tree\Setting;

/** Which scene a program has, and with which layouts. */
final class Settings
{
    public const MOST_LAYOUTS = 12;
    public const LONGEST_LAYOUT = 4000;

    /** @throws Refusal if a layout can't be read, or the scene has none */
    public static function checked(Setting $setting): Setting
    {
        $scene = SceneName::tryFrom($setting->scene) ?? throw new Refusal('setting.scene');
        if (\count($setting->layouts) > self::MOST_LAYOUTS) {
            throw new Refusal('setting.layouts', ['most' => self::MOST_LAYOUTS]);
        }
        $layouts = [];
        foreach ($setting->layouts as $layout) {
            if (\strlen($layout) > self::LONGEST_LAYOUT || !mb_check_encoding($layout, 'UTF-8')) {
                throw new Refusal('setting.long_layout', ['most' => self::LONGEST_LAYOUT]);
            }
            $layouts[] = match ($scene) {
                SceneName::Plot => Layout::read($layout)->write(),
                SceneName::Lawn => Lawn::read($layout)->write(),
                default => throw new Refusal('setting.no_layouts'),
            };
        }

        return new Setting($setting->scene, $layouts, $setting->asks);
    }

    /**
     * The layouts that a program runs on: its own, or the scene's first one.
     *
     * @return list<string>
     */
    public static function layouts(Setting $setting): array
    {
        return [] !== $setting->layouts ? $setting->layouts : match (SceneName::tryFrom($setting->scene)) {
            SceneName::Plot => [Layout::read(Layout::FIRST)->write()],
            SceneName::Lawn => [Lawn::read(Lawn::FIRST)->write()],
            default => [],
        };
    }
}
