<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Edit\Chains;
use Scrivlet\Core\Edit\Edited;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\Edit\Setup;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\AskingLoop;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Reference\Example;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** Carries out an edit as the browser names it. */
final class EditReader
{
    /** @param array<mixed> $data */
    private function __construct(private readonly array $data)
    {
    }

    /**
     * @param array<mixed> $data
     *
     * @throws Refusal                 if the edit can't be done
     * @throws BadRequestHttpException if it is none
     */
    public static function apply(Analysis $before, array $data): Applied
    {
        $read = new self($data);
        if ('type' === ($data['do'] ?? null)) {
            return self::typed($before, $read->language(), $read->text('text'));
        }
        $edited = $read->done($before->program);

        return new Applied(match ($edited->kind) {
            'write', 'turn' => $edited,
            default => new Edited(InPlace::settled($before->program, $edited->program), $edited->kind, $edited->what, $edited->rows, $edited->focus),
        });
    }

    private function done(Program $program): Edited
    {
        $read = $this;
        $editor = new Editor($program);

        return match ($read->text('do')) {
            'insert' => $editor->insert($read->number('parent'), $read->text('body'), $read->number('index'), $read->text('row')),
            'paste' => $editor->paste($read->number('parent'), $read->text('body'), $read->number('index'), ProjectReader::rows($read->text('rows'))),
            'example' => $editor->bring($read->number('parent'), $read->text('body'), $read->number('index'), $read->example()),
            'move' => $editor->move($read->ids(), $read->number('parent'), $read->text('body'), $read->number('index')),
            'duplicate' => $editor->duplicate($read->ids()),
            'delete' => $editor->delete($read->ids()),
            'delete-part' => $editor->deletePart($read->number('row'), $read->text('part')),
            'unwrap' => $editor->unwrap($read->number('row'), $read->text('part')),
            'wrap' => $editor->wrap($read->ids(), $read->text('row')),
            'off' => $editor->switch($read->ids(), true),
            'on' => $editor->switch($read->ids(), false),
            'fill' => $editor->fill($read->number('row'), $read->text('slot'), $read->text('source')),
            'write' => self::written($program, $read->language(), $read->number('row'), $read->text('part'), $read->text('text')),
            'scene' => new Edited($program->withSetting(Settings::checked(new Setting($read->text('scene'), [], $program->setting->asks))), 'scene', $read->text('scene'), []),
            'layouts' => new Edited($program->withSetting(Settings::checked(new Setting($program->setting->scene, $read->texts('layouts'), $program->setting->asks))), 'layouts', '', []),
            'asks' => new Edited((true === ($read->data['asks'] ?? null) ? AskingLoop::withHandlersLast($program) : $program)->withSetting(new Setting($program->setting->scene, $program->setting->layouts, true === ($read->data['asks'] ?? null))), 'asks', '', []),
            'plug' => (new Setup($program))->plug(FittingKind::tryFrom($read->text('kind')) ?? throw new BadRequestHttpException('No such part.'), $read->text('name'), $read->numbers('sockets')),
            'chain' => 'sequence' === $read->text('as') ? (new Chains($program))->sequence() : (new Chains($program))->functions(),
            'turn' => new Edited(InPlace::turn($program, $read->ids(), 'code' === $read->text('hand')), 'turn', '', $read->ids()),
            default => throw new BadRequestHttpException('No such edit.'),
        };
    }

    /** @throws Refusal */
    private static function written(Program $program, Language $language, int $row, string $part, string $text): Edited
    {
        self::check($text);
        [$written, $rows] = InPlace::write($program, $language, $row, $part, $text);
        Rules::check($written);

        return new Edited($written, 'write', $language->title(), $rows);
    }

    /** @throws Refusal if the text is no text of a program */
    public static function typed(Analysis $before, Language $language, string $text): Applied
    {
        self::check($text);
        $read = Reader::read($text, $language, $before);
        Rules::check($read->program);

        return new Applied(new Edited($read->program, 'type', $language->title(), []), $read->analysis, $read->mistakes);
    }

    private static function check(string $text): void
    {
        if (\strlen($text) > Bounds::TEXT) {
            throw new Refusal('file.long_text', ['most' => intdiv(Bounds::TEXT, 1000)]);
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new Refusal('file.encoding');
        }
        if (1 === preg_match('/[\x00-\x08\x0e-\x1f]/', $text)) {
            throw new Refusal('file.binary');
        }
    }

    private function example(): Program
    {
        $key = $this->text('of');

        return Reference::has($key) ? Example::of($key)->program : throw new BadRequestHttpException('No such entry.');
    }

    private function language(): Language
    {
        return Language::tryFrom($this->text('language')) ?? throw new BadRequestHttpException('No such language.');
    }

    private function text(string $name): string
    {
        $value = $this->data[$name] ?? null;

        return \is_string($value) ? $value : throw new BadRequestHttpException("$name is missing.");
    }

    private function number(string $name): int
    {
        $value = $this->data[$name] ?? null;

        return \is_int($value) ? $value : throw new BadRequestHttpException("$name is missing.");
    }

    /** @return list<string> */
    private function texts(string $name): array
    {
        $texts = $this->data[$name] ?? null;
        if (!\is_array($texts) || !array_is_list($texts)) {
            throw new BadRequestHttpException("$name are missing.");
        }

        return array_map(static fn (mixed $text): string => \is_string($text) ? $text : throw new BadRequestHttpException("$name are texts."), $texts);
    }

    /** @return list<int> */
    private function numbers(string $name): array
    {
        return array_values(array_filter((array) ($this->data[$name] ?? []), is_int(...)));
    }

    /** @return list<int> */
    private function ids(): array
    {
        $ids = $this->data['ids'] ?? null;
        if (!\is_array($ids) || !array_is_list($ids)) {
            throw new BadRequestHttpException('ids are missing.');
        }

        return array_map(static fn (mixed $id): int => \is_int($id) ? $id : throw new BadRequestHttpException('ids are numbers.'), $ids);
    }
}
