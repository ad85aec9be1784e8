<?php

declare(strict_types=1);

namespace Scrivlet\Core\Words;

/**
 * All that is said to people in one language: ICU messages, a file a subject, in `words/<language>`. A further language
 * is a further folder.
 */
final class Words
{
    public const FALLBACK = 'en';
    private const FOLDER = __DIR__.'/../../words';
    /** Another folder with languages may be named in the environment: a school's own, say. */
    private const FURTHER = 'SCRIVLET_WORDS';

    /** @var array<string, string>|null folders by language */
    private static ?array $folders = null;
    /** @var array<string, self> by language */
    private static array $all = [];
    /** @var array<string, \MessageFormatter> */
    private array $formatters = [];

    /** @param array<string, string> $messages by key */
    private function __construct(private readonly string $locale, public readonly array $messages)
    {
    }

    /** @return list<string> the languages that there are, the one first that stands in for words which another has not */
    public static function locales(): array
    {
        return array_map(strval(...), array_keys(self::folders()));
    }

    /** @return array<string, string> */
    private static function folders(): array
    {
        if (null === self::$folders) {
            self::$folders = [self::FALLBACK => self::FOLDER.'/'.self::FALLBACK];
            $further = getenv(self::FURTHER);
            foreach ([self::FOLDER, ...(false === $further || '' === $further ? [] : [$further])] as $folder) {
                foreach (glob("$folder/*", \GLOB_ONLYDIR) ?: [] as $language) {
                    self::$folders[basename($language)] ??= $language;
                }
            }
        }

        return self::$folders;
    }

    public static function in(string $locale): self
    {
        $locale = isset(self::folders()[$locale]) ? $locale : self::FALLBACK;

        return self::$all[$locale] ??= new self($locale, self::read(self::folders()[$locale]));
    }

    /**
     * @return array<string, string>
     *
     * @throws \UnexpectedValueException if a file is none of messages, or a message is twice in them
     */
    public static function read(string $folder): array
    {
        $messages = [];
        foreach (glob("$folder/*.php") ?: [] as $file) {
            $subject = require $file;
            /** @var array<string, string> $subject looked at below */
            $subject = \is_array($subject) ? $subject : throw new \UnexpectedValueException("$file gives no messages.");
            $known = \count($messages);
            // Taken over as a whole, since every request begins with it.
            $messages += $subject;
            if (\count($messages) !== $known + \count($subject) || \count(array_filter($subject, \is_string(...))) !== \count($subject) || array_is_list($subject) && [] !== $subject) {
                throw new \UnexpectedValueException("What $file gives is no message, or one more of its name.");
            }
        }

        return $messages;
    }

    public function has(string $key): bool
    {
        return isset($this->messages[$key]);
    }

    /** A message as it is written, for phrases whose gaps are blanks; the key itself where there is none. */
    public function raw(string $key): string
    {
        return $this->messages[$key] ?? (self::FALLBACK === $this->locale ? $key : self::in(self::FALLBACK)->raw($key));
    }

    /** @param array<string, string|int> $parameters */
    public function say(string $key, array $parameters = []): string
    {
        if (!$this->has($key)) {
            return self::FALLBACK === $this->locale ? $key : self::in(self::FALLBACK)->say($key, $parameters);
        }
        $pattern = $this->messages[$key];
        $formatter = $this->formatters[$key] ??= new \MessageFormatter($this->locale, $pattern);
        // A number stands as it is, but where it chooses between one and many.
        foreach ($parameters as $name => $value) {
            if (\is_int($value) && !str_contains($pattern, '{'.$name.', plural')) {
                $parameters[$name] = (string) $value;
            }
        }
        $said = $formatter->format($parameters);

        return false === $said ? $pattern : $said;
    }
}
