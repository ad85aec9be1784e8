<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Scrivlet\App\Entity\User;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

/** Rules of passwords: long enough, and of any signs (OWASP ASVS 4.0, 2.1). */
final readonly class Passwords
{
    public const SHORTEST = 12;
    /** What the hash takes in, in bytes. */
    public const LONGEST = 72;
    /** Words of the garden, of which four make a password that can be read out. */
    private const WORDS = 'acorn alder apple aster autumn badger barley basil beech berry birch bloom bramble bridge bucket bulb butter cabin candle carrot cedar cherry clover comet compost copper cotton cricket daisy dew dusk ember fennel fern fig finch flint flower forest foxglove frost garden garlic gate ginger gourd grape grass gravel hazel heather hedge heron holly honey hornet ivy jasmine juniper kale kettle ladder lantern lark laurel lavender leaf lemon lichen lilac lily linen loam maple marrow meadow melon mint moss mulch nectar nettle oak oat olive onion orchard otter parsley path peach pear pebble pepper petal pine plum pond poppy potato pumpkin quince radish rain raven reed rhubarb robin root rose rowan rye sage sapling seed shade shed shovel silver sorrel sparrow spruce squash stem stone straw summer sunny swallow tansy thistle thyme timber trellis trowel tulip turnip twig valley vine violet walnut water wheat willow window winter wren yarrow yew';

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    public static function made(): string
    {
        $words = explode(' ', self::WORDS);

        return implode('-', array_map(static fn (): string => $words[random_int(0, \count($words) - 1)], range(1, 4))).'-'.random_int(10, 99);
    }

    public static function isLongEnough(string $password): bool
    {
        return mb_strlen($password) >= self::SHORTEST && \strlen($password) <= self::LONGEST;
    }

    public function set(User $user, string $password): void
    {
        $user->setPassword($this->hashers->getPasswordHasher($user)->hash($password));
    }

    public function fits(User $user, string $password): bool
    {
        return $this->hashers->getPasswordHasher($user)->verify($user->getPassword(), $password);
    }
}
