<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** What an operation gives: a type of its own, or one that its operands say. */
enum Result: string
{
    case Natural = 'natural';
    case Truth = 'truth';
    case Whole = 'whole';
    case Same = 'same';
    case Text = 'text';
    case Letter = 'letter';
    case Item = 'item';
    case Nothing = 'nothing';
    case Texts = 'texts';
    case Letters = 'letters';
    case Long = 'long';
    case Unsigned = 'unsigned';
    case UnsignedLong = 'unsigned_long';
    case Number = 'number';
    case Join = 'join';
    case Unknown = 'unknown';
    case Third = 'third';
    case Wholes = 'wholes';
    case ListOfSecond = 'list_of_second';
    case First = 'first';
    case Pairs = 'pairs';
    case Value = 'value';
    case MapOf = 'map_of';
    case List = 'list';
    case Key = 'key';
    case Keys = 'keys';
    case Values = 'values';
    case Set = 'set';
    case Table = 'table';
    case Items = 'items';
    case Empty = 'empty';
    case Parsed = 'parsed';
    case Counts = 'counts';
    case Defaults = 'defaults';
    case Lists = 'lists';
    case Second = 'second';
    case Stream = 'stream';
    case Record = 'record';
    case Pattern = 'pattern';
    case DrivePair = 'drive_pair';
    case SurfaceSensor = 'surface_sensor';
    case RangeSensor = 'range_sensor';
    case Lamp = 'lamp';
    case MaybeWhole = 'maybe_whole';
    /** What was found, or nothing. */
    case MaybeFound = 'maybe_found';
}
