<?php

declare(strict_types=1);

namespace Scrivlet\Core\Device;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\PluggedIn;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;

/**
 * A program packed for a device, which runs it alone: its text, the language, and what it wants plugged in. The
 * container is described in docs/device-file.md.
 */
final readonly class DeviceFile
{
    public const VERSION = 1;
    private const MAGIC = 'SCRIVLET';
    private const HEAD = 16;
    /** Letters of a name that a device still shows. */
    private const LONGEST_NAME = 200;

    /**
     * @param SceneName                                                   $device   lantern or lawn, which is the mower's
     * @param list<array{name: string, kind: string, sockets: list<int>}> $fittings what is plugged into the mower
     * @param string                                                      $layout   the mower's lawn; empty for the lantern
     */
    private function __construct(public string $name, public SceneName $device, public Language $language, public string $text, public array $fittings, public string $layout)
    {
    }

    /** @throws Refusal if it is no program for a device, or one with mistakes */
    public static function pack(Program $program, Language $language, string $name): self
    {
        $device = self::device($program->setting->scene);
        $text = (new Analysis($program))->text($language)->text();
        if ($program->hasUnread() || [] !== $language->read($text)->mistakes) {
            throw new Refusal('device.mistakes');
        }

        return new self(mb_substr($name, 0, self::LONGEST_NAME), $device, $language, $text, array_map(static fn (array $one): array => ['name' => $one['name'], 'kind' => $one['kind'], 'sockets' => $one['sockets']], PluggedIn::of($program)), Settings::layouts($program->setting)[0] ?? '');
    }

    private static function device(string $scene): SceneName
    {
        $device = SceneName::tryFrom($scene);

        return SceneName::Lantern === $device || SceneName::Lawn === $device ? $device : throw new Refusal('device.no_device');
    }

    /** The file as it is sent and dropped. */
    public function hex(): string
    {
        $json = json_encode(['name' => $this->name, 'device' => $this->device->value, 'language' => $this->language->value, 'fittings' => $this->fittings, 'layout' => $this->layout, 'text' => $this->text], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE);

        return IntelHex::write(self::MAGIC.pack('nnN', self::VERSION, 0, \strlen($json)).$json.pack('N', crc32($json)));
    }

    /**
     * @param SceneName|null $for the device that reads it
     *
     * @throws Refusal in plain words, if it is damaged, of another kind, newer than this device, or for another one
     */
    public static function read(string $hex, ?SceneName $for = null): self
    {
        $bytes = IntelHex::read($hex);
        if (\strlen($bytes) < self::HEAD || !str_starts_with($bytes, self::MAGIC)) {
            throw new Refusal('device.foreign');
        }
        /** @var array{version: int, flags: int, length: int} $head */
        $head = unpack('nversion/nflags/Nlength', $bytes, \strlen(self::MAGIC));
        if (self::VERSION !== $head['version']) {
            throw new Refusal('device.version', ['version' => $head['version']]);
        }
        $json = substr($bytes, self::HEAD, $head['length']);
        $sum = substr($bytes, self::HEAD + $head['length']);
        if (\strlen($json) !== $head['length'] || $sum !== pack('N', crc32($json))) {
            throw new Refusal('device.damaged');
        }
        $file = self::fields(json_decode($json, true, 8));
        if (null !== $for && $for !== $file->device) {
            throw new Refusal(SceneName::Lantern === $file->device ? 'device.other_lantern' : 'device.other_lawn');
        }

        return $file;
    }

    /** @throws Refusal if one is missing or of another kind */
    private static function fields(mixed $data): self
    {
        $text = static fn (string $name): string => \is_array($data) && \is_string($data[$name] ?? null) ? $data[$name] : throw new Refusal('device.damaged');
        $fittings = [];
        foreach (\is_array($data) && \is_array($data['fittings'] ?? null) ? $data['fittings'] : throw new Refusal('device.damaged') as $fitting) {
            $kind = \is_array($fitting) && \is_string($fitting['kind'] ?? null) ? FittingKind::tryFrom($fitting['kind']) : null;
            if (null === $kind || !\is_array($fitting) || !\is_string($fitting['name'] ?? null) || !\is_array($fitting['sockets'] ?? null)) {
                throw new Refusal('device.damaged');
            }
            $fittings[] = ['name' => $fitting['name'], 'kind' => $kind->value, 'sockets' => array_values(array_filter($fitting['sockets'], is_int(...)))];
        }

        return new self($text('name'), self::device($text('device')), Language::tryFrom($text('language')) ?? throw new Refusal('device.damaged'), $text('text'), $fittings, $text('layout'));
    }

    /**
     * The program as the device reads it from the text that came.
     *
     * @throws Refusal if its text has mistakes, or its lawn cannot be laid out
     */
    public function program(): Program
    {
        $read = $this->language->read($this->text);
        if ([] !== $read->mistakes) {
            throw new Refusal('device.mistakes');
        }

        return $read->program->withSetting(Settings::checked(new Setting($this->device->value, '' === $this->layout ? [] : [$this->layout], $read->program->setting->asks)));
    }
}
