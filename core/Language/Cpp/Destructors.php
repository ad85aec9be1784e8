<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/**
 * What is seen when an object goes: at the end of the braces that it was declared in, the last one first (C++17, 9.6 and 15.4), or
 * where it is deleted. A row stands there that asks it. That is done only where it is certain which objects there are, and when
 * they go: those that are copied, kept in others, or left behind by a jump are refused.
 */
trait Destructors
{
}
