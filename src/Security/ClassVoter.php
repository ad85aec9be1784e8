<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Who may see and change a class and those in it: the teacher whose class it is.
 *
 * @extends Voter<string, SchoolClass|Pupil>
 */
final class ClassVoter extends Voter
{
    public const TEACH = 'class.teach';

    protected function supports(string $attribute, mixed $subject): bool
    {
        return self::TEACH === $attribute && ($subject instanceof SchoolClass || $subject instanceof Pupil);
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token): bool
    {
        $user = $token->getUser();
        $class = $subject instanceof Pupil ? $subject->class() : $subject;

        return $user instanceof User && $user->isTeacher() && $class->owner->id() === $user->id();
    }
}
