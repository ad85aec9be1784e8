<?php

declare(strict_types=1);

namespace Scrivlet\App\Learner;

use Scrivlet\Core\Words\Words;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Keys of four plain words, by which a guest comes back on any machine: 36 bits, made of a secret so that nothing of them
 * is kept but a hash. The lists never change, so that every key stays what it was.
 */
final readonly class KeyWords
{
    public const COUNT = 4;

    public function __construct(#[Autowire('%kernel.project_dir%/src/Learner/words')] private string $folder, #[Autowire('%kernel.secret%')] private string $secret)
    {
    }

    /** @return list<string> */
    public function of(string $seed, string $locale): array
    {
        $words = $this->words($locale);
        $bytes = hash_hmac('sha256', "key $seed", $this->secret, true);
        $key = [];
        for ($at = 0; $at < self::COUNT; ++$at) {
            $number = (\ord($bytes[2 * $at]) << 8) + \ord($bytes[2 * $at + 1]);
            $key[] = $words[$number % \count($words)];
        }

        return $key;
    }

    /** @param list<string> $words */
    public function hash(array $words): string
    {
        return hash_hmac('sha256', implode(' ', $words), $this->secret);
    }

    /** @return list<string>|null the words of a key as somebody typed it, with whatever between them; nothing if there are not four */
    public function typed(string $text): ?array
    {
        preg_match_all('/[a-z]+/', self::plain($text), $words);

        return self::COUNT === \count($words[0]) ? $words[0] : null;
    }

    /** The secret of a guest who begins in a session. */
    public function seed(string $session): string
    {
        return substr(hash_hmac('sha256', "guest $session", $this->secret), 0, 32);
    }

    /** What a guest's browsers hold. */
    public function cookie(string $seed): string
    {
        return hash_hmac('sha256', "cookie $seed", $this->secret);
    }

    private static function plain(string $text): string
    {
        $text = mb_strtolower(mb_substr($text, 0, 200));

        return strtr($text, ['à' => 'a', 'â' => 'a', 'ç' => 'c', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'î' => 'i', 'ï' => 'i', 'ô' => 'o', 'œ' => 'oe', 'ù' => 'u', 'û' => 'u', 'ü' => 'u']);
    }

    /** @return non-empty-list<string> */
    private function words(string $locale): array
    {
        $locale = \in_array($locale, Words::locales(), true) ? $locale : Words::FALLBACK;
        $words = file("$this->folder/$locale.txt", \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES);

        return \is_array($words) && [] !== $words ? $words : throw new \LogicException('No words.');
    }
}
