<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Device\DeviceFile;
use Scrivlet\Core\Device\IntelHex;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Tests\Support\Demos;

/** What goes to a device arrives whole or not at all, and does there what it did on the desk. */
final class DeviceTest extends TestCase
{
    public function testBytesComeBackWhateverTheirNumber(): void
    {
        foreach ([0, 1, 15, 16, 17, 255, 65_535, 65_536, 65_537, 200_001] as $count) {
            $bytes = substr(random_bytes($count + 1), 1);
            $hex = IntelHex::write($bytes);
            self::assertSame($bytes, IntelHex::read($hex), "$count bytes");
            self::assertSame($bytes, IntelHex::read(strtolower(str_replace("\r\n", "\n", $hex))));
            foreach (explode("\r\n", trim($hex)) as $line) {
                self::assertSame(0, array_sum(array_map(hexdec(...), str_split(substr($line, 1), 2))) % 256, $line);
            }
        }
        self::assertSame(":0B0000006164647265737320676170B7\r\n:00000001FF\r\n", IntelHex::write('address gap'));
    }

    /** One sign more, less or another at any place, a line gone, doubled or exchanged: it is refused, or it changes nothing. */
    public function testADamagedFileNeverGivesAnotherProgram(): void
    {
        $file = DeviceFile::pack(Demos::programs()['hedge-lamps'], Language::Python, 'Hedge lamps');
        $hex = $file->hex();
        $refused = 0;
        mt_srand(5);
        $lines = explode("\r\n", trim($hex));
        for ($try = 0; $try < 3000; ++$try) {
            $at = mt_rand(0, \strlen($hex) - 1);
            $other = $lines;
            $line = mt_rand(0, \count($lines) - 2);
            $damaged = match ($try % 6) {
                0 => substr_replace($hex, '0123456789ABCDEF'[mt_rand(0, 15)], $at, 1),
                1 => substr_replace($hex, '', $at, 1),
                2 => substr_replace($hex, \chr(mt_rand(0, 255)), $at, 0),
                3 => substr($hex, 0, $at),
                4 => implode("\r\n", array_merge(\array_slice($lines, 0, $line), \array_slice($lines, $line + 1))),
                5 => implode("\r\n", array_replace($other, [$line => $lines[$line + 1], $line + 1 => $lines[$line]])),
            };
            try {
                self::assertEquals($file, DeviceFile::read($damaged));
            } catch (Refusal $refusal) {
                self::assertStringStartsWith('device.', $refusal->key);
                ++$refused;
            }
        }
        self::assertGreaterThan(2500, $refused);
    }

    public function testTheDeviceDoesWhatTheDeskDid(): void
    {
        $seen = 0;
        $signals = Signals::read("0.5 tap round\n1 press square\n1.4 release square\n2 light 10\n3 light 90\n3.5 tap both\n");
        foreach (Demos::programs() as $name => $program) {
            foreach (Language::cases() as $language) {
                if (!\in_array($program->setting->scene, ['lantern', 'lawn'], true)) {
                    try {
                        DeviceFile::pack($program, $language, $name);
                        self::fail("$name has no device");
                    } catch (Refusal $refusal) {
                        self::assertSame('device.no_device', $refusal->key);
                    }
                    continue;
                }
                $file = DeviceFile::read(DeviceFile::pack($program, $language, $name)->hex(), SceneName::from($program->setting->scene));
                self::assertSame($name, $file->name);
                $circumstances = new Circumstances(signals: $signals);
                $desk = Runner::run($program, $language, 7, circumstances: $circumstances);
                $device = Runner::run($file->program(), $language, 7, circumstances: $circumstances);
                self::assertEquals($desk->trace->events, $device->trace->events, "$name in $language->value");
                self::assertSame($desk->ending, $device->ending);
                ++$seen;
            }
        }
        self::assertGreaterThanOrEqual(21, $seen);
    }

    public function testWhatIsRefusedIsToldWhy(): void
    {
        $lantern = DeviceFile::pack(Demos::programs()['visitor-count'], Language::Cpp, str_repeat('long ', 100));
        self::assertSame(200, mb_strlen($lantern->name));
        $json = '{"name":"x"}';
        $content = static fn (string $json, int $version = 1): string => IntelHex::write('SCRIVLET'.pack('nnN', $version, 0, \strlen($json)).$json.pack('N', crc32($json)));
        foreach ([
            'device.other_lantern' => [$lantern->hex(), SceneName::Lawn],
            'device.version' => [$content($json, 2), null],
            'device.damaged' => [$content($json), null],
            'device.foreign' => [IntelHex::write('something else'), null],
            'device.no_hex' => ['print(1)', null],
            'device.cut_off' => ['', null],
            'device.large' => [str_repeat(':00000001FF', 400_000), null],
        ] as $key => [$hex, $for]) {
            try {
                DeviceFile::read($hex, $for);
                self::fail($key);
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->key);
            }
        }
        $broken = Language::Python->read("from scrivlet import lantern\nlantern.shine(\n")->program->withSetting(new Setting('lantern'));
        $this->expectExceptionObject(new Refusal('device.mistakes'));
        DeviceFile::pack($broken, Language::Python, 'broken');
    }

    public function testTheConsolePacksAndIsADevice(): void
    {
        $out = '';
        $console = new Console(static function (string $text) use (&$out): void { $out .= $text; }, static function (string $text) use (&$out): void { $out .= "! $text"; }, static fn (): string => '');
        $folder = sys_get_temp_dir().'/scrivlet-device-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("$folder/a.py", "from scrivlet import lantern, wait\n\ncount = 0\nwhile count < 2:\n    if lantern.tapped(\"round\"):\n        count += 1\n        print(count)\n    wait(0.1)\n");
        file_put_contents("$folder/presses.txt", "1 tap round\n2 tap round\n");
        self::assertSame(0, $console->run(['pack', "$folder/a.py"]));
        file_put_contents("$folder/a.hex", $out);
        $out = '';
        self::assertSame(0, $console->run(['device', "$folder/a.hex", "--signals=$folder/presses.txt", "--trace=$folder/trace"]));
        self::assertSame("1\n2\n", $out);
        self::assertFileExists("$folder/trace");
        $out = '';
        self::assertSame(2, $console->run(['device', "$folder/a.py"]));
        self::assertStringStartsWith('! This is no file for a device', $out);
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    public function testAnEmptyProgramForTheLanternGoesToo(): void
    {
        $program = Program::empty();
        $program = $program->withSetting(new Setting('lantern'));
        self::assertSame([], Runner::run(DeviceFile::read(DeviceFile::pack($program, Language::JavaScript, '')->hex())->program(), Language::JavaScript)->trace->steps);
    }
}
