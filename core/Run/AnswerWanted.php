<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A program asks, and a person who sits before it has not answered yet. */
final class AnswerWanted extends \RuntimeException
{
}
