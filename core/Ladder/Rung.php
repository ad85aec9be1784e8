<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Setting;

/** One exercise: what is asked, what is right, and the cases in which an answer has to hold. Its file is described in docs/rungs.md. */
final readonly class Rung
{
    public const FORMAT = 'scrivlet-rung';
    public const VERSION = 1;
    private const LONGEST = 2_000_000;

    /**
     * @param Language                  $language   in which the answer is written
     * @param array<string, mixed>      $question   what the pupil is shown, by kind
     * @param string                    $model      the right text; of kinds that are answered by a list, the text they are of
     * @param list<mixed>               $right      the right list, of kinds that are answered by one
     * @param non-empty-list<Situation> $situations
     * @param Asked                     $asked      besides doing the same, of kinds that are answered by a text
     */
    public function __construct(public RungKind $kind, public Language $language, public Setting $setting, public array $question, public string $model, public array $right, public array $situations, public Asked $asked = new Asked())
    {
    }

    public function asking(Asked $asked): self
    {
        return new self($this->kind, $this->language, $this->setting, $this->question, $this->model, $this->right, $this->situations, $asked);
    }

    public function json(): string
    {
        return json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION, 'kind' => $this->kind->value, 'language' => $this->language->value,
            'setting' => ['scene' => $this->setting->scene, 'layouts' => $this->setting->layouts],
            'answer' => $this->kind->asksForText() ? 'text' : 'list',
            'question' => (object) $this->question, 'model' => $this->model, 'right' => $this->right,
            'situations' => array_map(static fn (Situation $one): array => $one->data(), $this->situations),
            'asked' => $this->asked->data(),
        ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE)."\n";
    }

    /** @throws Refusal if it is none, or of a newer form */
    public static function read(string $json): self
    {
        $data = \strlen($json) > self::LONGEST ? null : json_decode($json, true, 64);
        if (!\is_array($data) || self::FORMAT !== ($data['format'] ?? null)) {
            throw new Refusal('ladder.no_rung');
        }
        if (self::VERSION !== ($data['version'] ?? null)) {
            throw new Refusal('ladder.version');
        }
        $kind = RungKind::tryFrom(\is_string($data['kind'] ?? null) ? $data['kind'] : '');
        $language = Language::tryFrom(\is_string($data['language'] ?? null) ? $data['language'] : '');
        $setting = \is_array($data['setting'] ?? null) ? $data['setting'] : [];
        $situations = array_map(static fn (array $one): Situation => Situation::of($one), array_values(array_filter(\is_array($data['situations'] ?? null) ? $data['situations'] : [], is_array(...))));
        if (null === $kind || null === $language || [] === $situations || !\is_array($data['question'] ?? null) || !\is_string($data['model'] ?? null) || !\is_array($data['right'] ?? null)) {
            throw new Refusal('ladder.no_rung');
        }
        $layouts = array_values(array_filter(\is_array($setting['layouts'] ?? null) ? $setting['layouts'] : [], is_string(...)));
        $question = [];
        foreach ($data['question'] as $name => $value) {
            $question[(string) $name] = $value;
        }

        return new self($kind, $language, Settings::checked(new Setting(\is_string($setting['scene'] ?? null) ? $setting['scene'] : '', $layouts)), $question, $data['model'], array_values($data['right']), $situations, Asked::of(\is_array($data['asked'] ?? null) ? $data['asked'] : []));
    }
}
