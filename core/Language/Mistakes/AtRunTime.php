<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/**
 * Mistakes that only show when the row is reached: the machine of such a language begins, does what stands above, and stops
 * there. One that knows types before it begins has none of them.
 */
final class AtRunTime
{
    /** By kind of mistake, as what the machine stops. */
    private const FAILS = [
        'few_arguments' => FailureKind::Type, 'many_arguments' => FailureKind::Type, 'no_such_parameter' => FailureKind::Type, 'text_and_number' => FailureKind::Type, 'raise_text' => FailureKind::Type,
        'range_around_list' => FailureKind::Type, 'range_of_division' => FailureKind::Type, 'not_whole' => FailureKind::Type, 'new_missing' => FailureKind::Type, 'constant_assigned' => FailureKind::Type,
        'unknown_name' => FailureKind::Name, 'misspelt_name' => FailureKind::Name, 'before_value' => FailureKind::Name, 'unknown_function' => FailureKind::Name, 'misspelt_function' => FailureKind::Name,
        'unknown_command' => FailureKind::Name, 'misspelt_command' => FailureKind::Name, 'object_wanted' => FailureKind::Name, 'object_missing' => FailureKind::Name, 'quotes_missing' => FailureKind::Name,
        'let_missing' => FailureKind::Name, 'capitals' => FailureKind::Name, 'foreign_word' => FailureKind::Name,
        'unknown_method' => FailureKind::Attribute, 'misspelt_method' => FailureKind::Attribute, 'unknown_property' => FailureKind::Attribute, 'unknown_field' => FailureKind::Attribute, 'misspelt_field' => FailureKind::Attribute,
        'private_member' => FailureKind::Attribute,
        'misspelt_library' => FailureKind::Import,
    ];

    /** What stops at a call alone where asking for what is missing gives nothing. */
    private const OF_CALLS = ['unknown_method', 'misspelt_method', 'unknown_property'];

    /** Words of other languages that are names of nothing: no form of rows begins with them. */
    private const NAMES = ['true', 'false', 'null', 'none', 'nil', 'undefined', 'print', 'input', 'len', 'str', 'console', 'prompt', 'alert'];

    /** Kinds after which a row is read as what is meant, though the machine stops at it. */
    public const READ_AS_MEANT = ['new_missing', 'constant_assigned'];

    /** Kinds that do something else than is meant, and stop nothing. */
    private const MEANT_OTHERWISE = ['compare_nothing', 'equals_for_assign', 'self_missing', 'semicolon_after_header', 'await_missing', 'unused_result', 'in_place_value'];

    /** As what the machine stops where a mistake is in a text; null where it would not begin, or goes on. */
    public static function failure(Mistake $mistake, Language $language, string $text): ?FailureKind
    {
        $facts = $language->semantics();
        $isCalled = 1 === preg_match('/\G\s*\(/', $text, $match, 0, $mistake->offset + $mistake->length);
        $word = substr($text, $mistake->offset, $mistake->length);
        $isMember = 'foreign_word' === $mistake->kind && 1 === preg_match('/^\w+$/D', $word) && '.' === ($text[$mistake->offset - 1] ?? '');
        $isOut = match (true) {
            $facts->typed => true,
            \in_array($mistake->kind, self::OF_CALLS, true) => $facts->undefined && !$isCalled,
            'private_member' === $mistake->kind => '' !== $facts->privateSign,
            'misspelt_library' === $mistake->kind => !$language->notation()->indents,
            'capitals' === $mistake->kind => \in_array($mistake->parameters['near'] ?? '', array_diff($language->keywords(), ['True', 'False', 'None', 'true', 'false', 'null']), true),
            'foreign_word' === $mistake->kind => $isMember ? $facts->undefined && !$isCalled : !\in_array(strtolower($word), self::NAMES, true),
            default => false,
        };

        return $isOut ? null : ($isMember ? FailureKind::Attribute : self::FAILS[$mistake->kind] ?? null);
    }

    /**
     * Whether the machine begins all the same.
     *
     * @param list<Mistake> $mistakes
     */
    public static function begins(Program $program, array $mistakes, Language $language, string $text): bool
    {
        $stops = '';
        foreach (Walk::statements($program->parts()) as $row) {
            $stops .= $row instanceof Unread && null !== $row->fails ? "\n$row->text" : '';
        }
        foreach ($mistakes as $mistake) {
            $isMeant = !$language->semantics()->typed && \in_array($mistake->kind, self::MEANT_OTHERWISE, true);
            if (!$isMeant && null === self::failure($mistake, $language, $text) || \in_array($mistake->kind, self::READ_AS_MEANT, true) && !str_contains($stops, (string) ($mistake->parameters['name'] ?? ''))) {
                return false;
            }
        }

        return $program->begins($language->value);
    }
}
