<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What can go wrong while a program runs, as far as a program can ask for it. */
enum FailureKind: string
{
    /** Whatever the language counts as a failure. */
    case Any = 'any';
    case Value = 'value';
    case Type = 'type';
    case Index = 'index';
    case Key = 'key';
    case Lookup = 'lookup';
    case Division = 'division';
    case Arithmetic = 'arithmetic';
    case Overflow = 'overflow';
    case Name = 'name';
    case Runtime = 'runtime';
    case Depth = 'depth';
    case Answer = 'answer';
    case Claim = 'claim';
    case Unwritten = 'unwritten';
    case Attribute = 'attribute';
    /** Nothing is left to go through. */
    case Stop = 'stop';
    case Syntax = 'syntax';
    case System = 'system';
    case File = 'file';
    case Permission = 'permission';
    case Timeout = 'timeout';
    case Logic = 'logic';
    case Domain = 'domain';
    case Length = 'length';
    case Range = 'range';
    case Underflow = 'underflow';
    /** Somebody stops the program, who never does here. */
    case Interrupt = 'interrupt';
    case Exists = 'exists';
    case Connection = 'connection';
    case Memory = 'memory';
    case Import = 'import';
    /** A text that is no JSON. */
    case Json = 'json';
    /** A text of C, a whole number or a text that C++ throws as it is. */
    case Text = 'text';
    case Whole = 'whole';
    case Letters = 'letters';
    /** A text that JavaScript throws as it is. */
    case Bare = 'bare';

    /** Whether what is kept of it is the value thrown, not what a failure says. */
    public function isPlain(): bool
    {
        return \in_array($this, [self::Text, self::Whole, self::Letters], true);
    }
}
