<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Catalogue\ColourWords;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\FormerNames;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Commands of the scenes, and what they take. */
final class SceneCalls
{
    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /** @param list<Argument> $arguments */
    public function unknownMember(Token $object, Token $member, array $arguments): never
    {
        $known = [];
        $full = $object->text.'.'.$member->text;
        $index = SpellingIndex::of($this->parser->language());
        if (isset($index->functions[$full])) {
            $this->parser->unknownMembers->miscounted($member, $member->text, \count($index->functions[$full][0][1]), $arguments);
        }
        foreach (array_keys($index->functions) as $name) {
            if (str_starts_with($name, $object->text.'.')) {
                $known[] = substr($name, \strlen($object->text) + 1);
            }
        }
        $near = Names::nearest($member->text, [...$known, ...$this->parser->extraMembers($object->text)]);
        if (null !== $near) {
            $this->parser->fail('misspelt_method', $member, ['name' => $member->text, 'near' => $near], [new Replacement($member->offset, \strlen($member->text), $near)]);
        }
        $this->parser->fail('unsupported', $member, ['what' => $full]);
    }

    /** A command of which the brackets are missing. */
    public function uncalled(Token $object, Token $member): never
    {
        $full = $this->parser->objects[$object->text].'.'.$member->text;
        $entry = Vocabulary::commands($this->parser->language())[$full] ?? null;
        if (null === $entry) {
            $this->unknownCommand($this->parser->objects[$object->text], $member);
        }
        $end = $member->offset + \strlen($member->text);
        $next = $this->parser->peek();
        if (null !== $next && (TokenKind::Number === $next->kind || TokenKind::Text === $next->kind || TokenKind::Name === $next->kind)) {
            $last = $this->parser->beforeEnd();
            $this->parser->fail('call_brackets', $member, ['name' => $full], [new Replacement($last, 0, ')'), new Replacement($end, $next->offset - $end, '(')]);
        }
        $this->parser->fail('call_brackets', $member, ['name' => $full], [] === $entry->slots ? [new Replacement($end, 0, '()')] : []);
    }

    public function unknownCommand(string $object, Token $member): never
    {
        $name = $member->text;
        $renamed = FormerNames::inTexts($this->parser->language())["$object.$name"] ?? null;
        if (null !== $renamed) {
            $near = substr($renamed, \strlen($object) + 1);
            $this->parser->fail('renamed', $member, ['name' => $name, 'near' => $near], [new Replacement($member->offset, \strlen($name), $near)]);
        }
        $methods = Vocabulary::methods($this->parser->language(), $object);
        foreach ($methods as $method) {
            if (strtolower(str_replace('_', '', $method)) === strtolower(str_replace('_', '', $name))) {
                $this->parser->fail('capitals', $member, ['name' => $name, 'near' => $method], [new Replacement($member->offset, \strlen($name), $method)]);
            }
        }
        $near = Names::nearest($name, $methods);
        if (null !== $near) {
            $this->parser->fail('misspelt_command', $member, ['name' => $name, 'near' => $near], [new Replacement($member->offset, \strlen($name), $near)]);
        }
        foreach (SceneName::objects() as $other) {
            if ($other !== $object && \in_array($name, Vocabulary::methods($this->parser->language(), $other), true)) {
                $this->parser->fail('other_scene', $member, ['name' => $name, 'object' => $other]);
            }
        }
        $this->parser->fail('unknown_command', $member, ['name' => $name, 'object' => $object]);
    }

    /** @param list<Argument> $arguments */
    public function command(string $object, Token $member, array $arguments, ?Token $start = null): Expression
    {
        $entry = Vocabulary::commands($this->parser->language())["$object.$member->text"] ?? $this->unknownCommand($object, $member);

        return $this->commanded($entry, $member, $arguments);
    }

    /** @param list<Argument> $arguments */
    public function commanded(Entry $entry, Token $member, array $arguments): Expression
    {
        $given = [];
        $order = array_map(static fn (Slot $slot): string => $slot->name, $entry->slots);
        foreach ($arguments as $index => $argument) {
            $name = $argument->name ?? $order[$index] ?? '';
            $given[$name] = $argument;
        }
        $wanted = \count($order);
        if (\count($arguments) !== $wanted || [] !== array_diff($order, array_keys($given))) {
            $fix = 0 === $wanted && [] !== $arguments ? [new Replacement($arguments[0]->offset, $arguments[\count($arguments) - 1]->end - $arguments[0]->offset, '')] : [];
            $this->parser->fail(\count($arguments) < $wanted ? 'few_arguments' : 'many_arguments', $member, ['name' => $member->text, 'wanted' => $wanted, 'given' => \count($arguments)], $fix);
        }
        $values = [];
        foreach ($entry->slots as $slot) {
            $values[] = $this->fitted($slot, $given[$slot->name]);
        }

        $this->placed($entry, $member);

        return new CommandValue($entry->key, $values);
    }

    /** Notes of which scene a command is. */
    public function placed(Entry $entry, Token $member): void
    {
        $scene = SceneName::ofCommand($entry->key);
        if (null !== $scene) {
            $this->parser->ofScenes[] = [$scene, $member];
        }
    }

    public function fitted(Slot $slot, Argument $argument): Expression
    {
        $value = $argument->value;
        $length = $argument->end - $argument->offset;
        if (SlotType::Choice === $slot->type) {
            return $this->oneOf($slot, $argument);
        }
        if (SlotType::Handler === $slot->type) {
            return $this->handedOver($argument);
        }
        if (SlotType::Colour === $slot->type) {
            if ($value instanceof TextLiteral) {
                $known = Ink::canonical($value->value);
                if (null === $known || null === Ink::tryFrom($value->value) && '#' !== $value->value[0]) {
                    $inks = array_map(static fn (Ink $ink): string => $ink->value, Ink::cases());
                    $near = $known ?? ColourWords::nearest($value->value)->value ?? Names::nearest($value->value, $inks);
                    $this->parser->mistake('no_such_choice', $argument->offset, $length, ['name' => $value->value, 'near' => $near ?? $inks[0]], null === $near ? [] : [new Replacement($argument->offset, $length, '"'.$near.'"')]);
                }
            } elseif ($value instanceof NumberLiteral) {
                $this->parser->mistake('wrong_kind_colour', $argument->offset, $length, ['name' => $slot->name]);
            } elseif ($value instanceof VariableRead && null !== ($ink = Ink::tryFrom($value->name) ?? ColourWords::nearest($value->name)) && !$this->parser->isVariable($value->name)) {
                $this->parser->symbols->silenced[$value->name] = true;
                $this->parser->mistake('quotes_missing', $argument->offset, $length, ['name' => $ink->value], [new Replacement($argument->offset, $length, '"'.$ink->value.'"')]);
            }
        } elseif (SlotType::Number === $slot->type) {
            if ([] !== $slot->choices && $value instanceof TextLiteral) {
                return $this->oneOf($slot, $argument);
            }
            if ($value instanceof TextLiteral) {
                $isNumber = is_numeric($value->value);
                $this->parser->mistake('wrong_kind_number', $argument->offset, $length, ['name' => $slot->name], $isNumber ? [new Replacement($argument->offset, $length, $value->value)] : []);
            } elseif ($value instanceof NumberLiteral && (null !== $slot->min && $value->value < $slot->min || null !== $slot->max && $value->value > $slot->max)) {
                $this->parser->mistake('out_of_range', $argument->offset, $length, ['name' => $slot->name, 'min' => (int) $slot->min, 'max' => (int) $slot->max]);
            }
        }

        return $value;
    }

    private function oneOf(Slot $slot, Argument $argument): Expression
    {
        $value = $argument->value;
        $length = $argument->end - $argument->offset;
        $known = $slot->choices;
        if ($value instanceof TextLiteral && !\in_array($value->value, $known, true)) {
            $near = $slot->chosen($value->value) ?? Names::nearest($value->value, $known);
            $this->parser->mistake('no_such_choice', $argument->offset, $length, ['name' => $value->value, 'near' => $near ?? $known[0]], null === $near ? [] : [new Replacement($argument->offset, $length, '"'.$near.'"')]);
        } elseif ($value instanceof VariableRead && \in_array($value->name, $known, true) && !$this->parser->isVariable($value->name)) {
            $this->parser->symbols->silenced[$value->name] = true;
            $this->parser->mistake('quotes_missing', $argument->offset, $length, ['name' => $value->name], [new Replacement($argument->offset, $length, '"'.$value->name.'"')]);
        }

        return $value;
    }

    /** The name of a function, without brackets: it is not called here. */
    private function handedOver(Argument $argument): Expression
    {
        $value = $argument->value;
        if ($value instanceof VariableRead && isset($this->parser->symbols->functions[$value->name])) {
            return new FunctionReference($value->name);
        }
        if ($value instanceof OwnValue && [] === $value->arguments) {
            $this->parser->mistake('handler_called', $argument->offset, $argument->end - $argument->offset, ['name' => $value->function], [new Replacement($argument->end - 2, 2, '')]);

            return new FunctionReference($value->function);
        }
        $this->parser->failAt('handler_wanted', $argument->offset, $argument->end - $argument->offset);
    }
}
