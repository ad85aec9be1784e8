<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Run\Chance;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Scheduler;
use Scrivlet\Core\Run\Signal;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Run\World;
use Scrivlet\Core\Scene\Lantern\Lantern;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Lawn\Mower;
use Scrivlet\Core\Scene\Plot\Barrow;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\Sheet\Sheet;
use Scrivlet\Core\Tree\Setting;

/** The scene of one run, and the time that passes in it. */
final class Stage implements World
{
    public readonly Scheduler $scheduler;
    private ?Sheet $nib = null;
    private ?Barrow $barrow = null;
    private ?Lantern $lantern = null;
    private ?Mower $mower = null;

    public function __construct(private readonly Trace $trace, private readonly Setting $setting, private readonly Chance $chance, Signals $signals, private readonly int $layout = 0)
    {
        $this->scheduler = new Scheduler($trace, $signals, $this);
        if (SceneName::Lantern->value === $setting->scene) {
            $this->lantern();
        }
    }

    public function nib(): Sheet
    {
        $this->check(SceneName::Sheet);

        return $this->nib ??= new Sheet($this->trace);
    }

    public function barrow(): Barrow
    {
        $this->check(SceneName::Plot);

        return $this->barrow ??= new Barrow($this->trace, Layout::read($this->setting->layouts[$this->layout] ?? Layout::FIRST));
    }

    public function lantern(): Lantern
    {
        $this->check(SceneName::Lantern);

        return $this->lantern ??= new Lantern($this->trace, $this->scheduler);
    }

    public function mower(): Mower
    {
        $this->check(SceneName::Lawn);

        return $this->mower ??= new Mower($this->trace, $this->scheduler, $this->chance, Lawn::read($this->setting->layouts[$this->layout] ?? Lawn::FIRST));
    }

    /** @return list<GoalState> the goals of the layout; scenes without layouts have none */
    public function goals(): array
    {
        return match (SceneName::tryFrom($this->setting->scene)) {
            SceneName::Plot => $this->barrow()->goals(),
            SceneName::Lawn => $this->mower()->goals(),
            default => [],
        };
    }

    public function advance(int $from, int $to): void
    {
        $this->mower?->advance($from, $to);
    }

    public function receive(Signal $signal): array
    {
        return $this->lantern?->receive($signal) ?? [];
    }

    /** @throws RunError if an object of another scene is called */
    private function check(SceneName $scene): void
    {
        if ($scene->value !== $this->setting->scene) {
            throw new RunError('other_scene', ['object' => (string) $scene->object(), 'scene' => $this->setting->scene]);
        }
    }
}
