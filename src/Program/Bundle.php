<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Symfony\Component\String\Slugger\AsciiSlugger;

/** A program as a ZIP that runs on the real machines as it is. */
final readonly class Bundle
{
    public function __construct(private string $projectFolder)
    {
    }

    public static function fileName(string $name): string
    {
        return (new AsciiSlugger())->slug($name)->lower()->truncate(40)->toString() ?: 'program';
    }

    public function zip(string $name, Program $program): string
    {
        $file = tempnam(sys_get_temp_dir(), 'scrivlet');
        $zip = new \ZipArchive();
        if (false === $file || true !== $zip->open($file, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('Cannot make a ZIP here.');
        }
        $short = self::fileName($name);
        // The library's own files stand beside the program.
        $short = \in_array($short, ['scrivlet', 'library', 'package', 'layout'], true) ? "$short-program" : $short;
        foreach (Language::cases() as $language) {
            $zip->addFromString("$short.{$language->extension()}", $language->print($program)->text());
        }
        $zip->addFromString("$short.scrivlet.json", ProjectWriter::write($name, $program));
        $zip->addFromString("$short.svg", Picture::svg($program->setting, Runner::run($program, Language::Python, 1, new Limits(), false)->trace));
        foreach (['py', 'js', 'hpp'] as $ending) {
            $zip->addFile("$this->projectFolder/library/scrivlet.$ending", "library/scrivlet.$ending");
        }
        foreach (Settings::layouts($program->setting) as $index => $layout) {
            // The libraries read the first one.
            $zip->addFromString(0 === $index ? 'layout.txt' : 'layout-'.($index + 1).'.txt', $layout);
        }
        // Each language looks for the library beside the program.
        $zip->addFromString('scrivlet.py', "from library.scrivlet import *\n");
        $zip->addFromString('scrivlet.js', "export * from \"./library/scrivlet.js\";\n");
        $zip->addFromString('scrivlet.hpp', "#include \"library/scrivlet.hpp\"\n");
        $zip->addFromString('package.json', "{ \"private\": true, \"type\": \"module\" }\n");
        $zip->close();
        $content = (string) file_get_contents($file);
        unlink($file);

        return $content;
    }
}
