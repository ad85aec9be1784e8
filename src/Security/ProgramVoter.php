<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Who may do something with a program: its owner.
 *
 * @extends Voter<string, Program>
 */
final class ProgramVoter extends Voter
{
    public const USE = 'program.use';

    protected function supports(string $attribute, mixed $subject): bool
    {
        return self::USE === $attribute && $subject instanceof Program;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token): bool
    {
        $user = $token->getUser();

        return $user instanceof User && $subject->owner()->id() === $user->id();
    }
}
