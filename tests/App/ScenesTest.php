<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program as Tree;
use Scrivlet\Tests\Support\Demos;

/** What the desk asks the server about scenes: runs with presses and answers, layouts, sockets, comparing. */
final class ScenesTest extends AppTestCase
{
    /**
     * @param array<string, mixed> $edit
     *
     * @return array<string, mixed>
     */
    private function edit(int $id, int $revision, array $edit): array
    {
        return $this->post("/programs/$id/edits", ['revision' => $revision, 'view' => 'both', 'text' => 'python', 'edit' => $edit]);
    }

    /** @return list<string> the kinds of what happened, each once */
    private static function kinds(mixed $events): array
    {
        return \is_array($events) ? array_values(array_unique(array_map(static fn (mixed $event): string => \is_array($event) && \is_string($event[0]) ? $event[0] : '', $events))) : [];
    }

    public function testALayoutIsChangedByWhoKnowsHowItIsWritten(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $change = fn (string $text, array $change, string $scene = 'plot'): array => $this->post("/programs/$id/layout", ['scene' => $scene, 'text' => $text, 'change' => $change], $token);
        $text = "name: Beds\n\n#####\n#>.o#\n#####\n";
        $put = $change($text, ['do' => 'put', 'x' => 3, 'y' => 2, 'sign' => 'G'])['layout'] ?? [];
        \assert(\is_array($put));
        self::assertSame(['#####', '#.Go#', '#####'], $put['rows']);
        self::assertSame([2, 2, 'right'], $put['barrow']);
        self::assertSame("name: Beds\n\n#####\n#>Go#\n#####\n", $put['text']);
        self::assertSame(['message' => $change('', [])['message'] ?? 'none'], $change("\n", []), 'a sentence for what is no layout');
        self::assertSame(422, $this->code());
        $change($text, ['do' => 'goal', 'goal' => 'at gate', 'wanted' => true]);
        self::assertSame(422, $this->code(), 'there is no gate');
        foreach ([[], ['do' => 'dance'], ['do' => 'put'], ['do' => 'put', 'x' => 99, 'y' => -1, 'sign' => '#'], ['do' => 'put', 'x' => 2, 'y' => 2, 'sign' => "\u{1F331}"], ['do' => 'resize', 'width' => -5, 'height' => 1000], ['do' => 'name', 'name' => str_repeat('é', 300)]] as $odd) {
            $change($text, $odd);
            self::assertContains($this->code(), [200, 422], json_encode($odd) ?: '');
        }
        $lawn = $change("name: Round\nmower: 0 0 90\n", [], 'lawn')['layout'] ?? [];
        \assert(\is_array($lawn));
        self::assertSame('Round', $lawn['name']);
    }

    public function testARunTakesPressesAnswersAndALayout(): void
    {
        $id = $this->program(null, 'Gate', Demos::programs()['visitor-count'])->id();
        $run = $this->post("/programs/$id/run", ['signals' => "1 tap round\n2 tap round\n"]);
        self::assertTrue($run['listens']);
        self::assertContains('button', self::kinds($run['events']));
        self::assertSame('finished', $run['ending']);
        $wrong = $this->post("/programs/$id/run", ['signals' => "1 tap round\nnow\n"]);
        self::assertSame(422, $this->code());
        self::assertIsString($wrong['message']);
        self::assertStringContainsString('2', $wrong['message']);

        $id = $this->program(null, 'Order', Demos::programs()['seed-order'])->id();
        self::assertSame('asks', $this->post("/programs/$id/run", ['answers' => "Rowan\n"])['ending']);
        self::assertSame('finished', $this->post("/programs/$id/run", ['answers' => "Rowan\n4\n"])['ending']);
        self::assertSame('failed', $this->post("/programs/$id/run", ['answers' => "Rowan\nfour\n"])['ending']);

        $id = $this->program(null, 'Gate', Demos::programs()['to-the-gate'])->id();
        foreach ([0, 1, 2, 3] as $layout) {
            self::assertSame([['words' => 'the barrow is at the gate', 'met' => true]], $this->post("/programs/$id/run", ['layout' => $layout])['goals']);
        }
        $this->post("/programs/$id/run", ['layout' => 99]);
        self::assertSame(200, $this->code());
        foreach ([['layout' => -3], ['layout' => 'x'], ['layout' => null], ['layout' => [1]], ['signals' => 7], ['answers' => []], ['steps' => 'many'], ['steps' => 0], ['seed' => -1]] as $wrong) {
            $this->post("/programs/$id/run", $wrong);
            self::assertSame(422, $this->code(), json_encode($wrong) ?: '');
        }
    }

    public function testAShortRunIsTheBeginningOfTheWholeOne(): void
    {
        $id = $this->program(null, 'Gate', Demos::programs()['to-the-gate'])->id();
        $whole = $this->post("/programs/$id/run", ['layout' => 2, 'seed' => 3]);
        $short = $this->post("/programs/$id/run", ['layout' => 2, 'seed' => 3, 'steps' => 20]);
        self::assertIsArray($whole['steps']);
        self::assertIsArray($whole['events']);
        self::assertIsArray($short['events']);
        self::assertSame(\array_slice($whole['steps'], 0, 20), $short['steps']);
        self::assertSame(\array_slice($whole['events'], 0, \count($short['events'])), $short['events']);
        self::assertSame('cut', $short['ending']);
    }

    public function testAllLayoutsAreMarked(): void
    {
        $id = $this->program(null, 'Gate', Demos::programs()['to-the-gate'])->id();
        $marks = $this->post("/programs/$id/layouts", [])['marks'];
        self::assertIsArray($marks);
        self::assertSame([true, true, true, true], array_column($marks, 'done'));
        $program = Demos::programs()['to-the-gate'];
        $id = $this->program(null, 'Nothing', Tree::empty()->withSetting($program->setting))->id();
        $marks = $this->post("/programs/$id/layouts", [])['marks'];
        self::assertIsArray($marks);
        self::assertSame([false, false, false, false], array_column($marks, 'done'));
    }

    public function testASceneAndItsLayoutsAreChosenKeptAndUndone(): void
    {
        $id = $this->program()->id();
        $answer = $this->edit($id, 1, ['do' => 'scene', 'scene' => 'plot']);
        self::assertIsArray($answer['setting']);
        self::assertSame('plot', $answer['setting']['scene']);
        $answer = $this->edit($id, 2, ['do' => 'layouts', 'layouts' => ["name: Here\n\n>.G\n", "goal: at gate\n\n>G\n"]]);
        self::assertIsArray($answer['setting']);
        self::assertSame(['Here', ''], array_column($answer['setting']['layouts'], 'name'));
        foreach ([["\n>.>\n"], ["\n...\n"], ["goal: dance\n\n>\n"], [str_repeat('#', 5000)], array_fill(0, Settings::MOST_LAYOUTS + 1, ">\n"), ["\xff>\n"]] as $layouts) {
            $refused = $this->post("/programs/$id/edits", ['revision' => 3, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'layouts', 'layouts' => array_map(mb_scrub(...), $layouts)]]);
            self::assertSame(422, $this->code(), $layouts[0]);
            self::assertIsString($refused['message']);
        }
        foreach ([['do' => 'layouts'], ['do' => 'layouts', 'layouts' => [3]], ['do' => 'plug', 'kind' => 'oar', 'name' => 'a', 'sockets' => [1]]] as $edit) {
            $this->edit($id, 3, $edit);
            self::assertSame(400, $this->code());
        }
        $this->edit($id, 3, ['do' => 'scene', 'scene' => 'moon']);
        self::assertSame(422, $this->code());
        $answer = $this->edit($id, 3, ['do' => 'undo']);
        self::assertIsArray($answer['setting']);
        self::assertFalse($answer['setting']['own']);
    }

    public function testWhatIsPluggedInIsDeclared(): void
    {
        $id = $this->program()->id();
        $this->edit($id, 1, ['do' => 'scene', 'scene' => 'lawn']);
        $answer = $this->edit($id, 2, ['do' => 'plug', 'kind' => 'drive_pair', 'name' => 'wheels', 'sockets' => [1, 2]]);
        self::assertIsArray($answer['setting']);
        self::assertSame([['name' => 'wheels', 'kind' => 'drive_pair', 'sockets' => [1, 2]]], array_map(static fn (array $fitting): array => array_diff_key($fitting, ['row' => 0]), $answer['setting']['fittings']));
        $this->edit($id, 3, ['do' => 'plug', 'kind' => 'lamp', 'name' => 'glow', 'sockets' => [2]]);
        self::assertSame(422, $this->code());
        $typed = "from scrivlet import DrivePair, Lamp\n\nwheels = DrivePair(3, 4)\nglow = Lamp(8)\n";
        $answer = $this->edit($id, 3, ['do' => 'type', 'language' => 'python', 'text' => $typed]);
        self::assertIsArray($answer['setting']);
        self::assertSame([[3, 4], [8]], array_column($answer['setting']['fittings'], 'sockets'));
    }

    public function testAProgramIsComparedWithItselfItsPastAndAnother(): void
    {
        $id = $this->program(null, 'Row', Demos::programs()['seedling-row'])->id();
        $compare = fn (string $with): array => $this->post("/programs/$id/compare", ['with' => $with, 'view' => 'both', 'text' => 'python']);
        self::assertSame([['same' => true], ['same' => true]], $compare('language:cpp')['layouts']);
        $script = Demos::programs()['seedling-row']->script;
        $this->edit($id, 1, ['do' => 'insert', 'row' => 'barrow.turn_left', 'parent' => $script->id, 'body' => 'body', 'index' => \count($script->body->statements)]);
        $layouts = $compare('version:1')['layouts'];
        self::assertIsArray($layouts);
        self::assertSame([false, false], array_column($layouts, 'same'));
        self::assertSame('does nothing more', $layouts[0]['sides'][1]['did']);
        $other = $this->program(null, 'Twin', Demos::programs()['seedling-row'])->id();
        $layouts = $compare("program:$other")['layouts'];
        self::assertIsArray($layouts);
        self::assertFalse($layouts[0]['same']);
        $foreign = $this->program($this->user('sorrel@fernhollow.example'), 'Secret')->id();
        foreach (["program:$foreign" => 404, 'program:999999' => 404, 'version:77' => 404, 'language:latin' => 422, 'moon:1' => 422, '' => 422] as $with => $code) {
            $compare($with);
            self::assertSame($code, $this->code(), $with);
        }
        $page = $this->browser->request('GET', "/programs/$id/compare");
        self::assertStringContainsString('Twin', $page->text());
        self::assertStringNotContainsString('Secret', $page->text());
    }

    public function testEveryDemoHasAPictureAndABundleWithItsLayouts(): void
    {
        foreach (Demos::programs() as $name => $program) {
            $id = $this->program(null, $name, $program)->id();
            $this->browser->request('GET', "/programs/$id/picture.svg");
            self::assertResponseIsSuccessful();
            $picture = new \DOMDocument();
            self::assertTrue($picture->loadXML((string) $this->browser->getResponse()->getContent()), $name);
            self::assertGreaterThan(1, $picture->getElementsByTagName('*')->length, $name);
        }
        $id = $this->program(null, 'Gate', Demos::programs()['to-the-gate'])->id();
        $this->browser->request('GET', "/programs/$id/bundle.zip");
        $file = (string) tempnam(sys_get_temp_dir(), 'bundle');
        file_put_contents($file, $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        $zip->open($file);
        self::assertSame(Demos::programs()['to-the-gate']->setting->layouts[0], $zip->getFromName('layout.txt'));
        self::assertNotFalse($zip->getFromName('layout-4.txt'));
        unlink($file);
    }
}
