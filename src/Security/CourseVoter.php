<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Register\PupilRepository;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Who may do something with a course: everybody reads one that is open; a class reads the one it works on; teachers read and
 * copy one that is shared; its owner does everything.
 *
 * @extends Voter<string, Course>
 */
final class CourseVoter extends Voter
{
    public const READ = 'course.read';
    public const COPY = 'course.copy';
    public const EDIT = 'course.edit';

    public function __construct(private readonly PupilRepository $pupils)
    {
    }

    protected function supports(string $attribute, mixed $subject): bool
    {
        return \in_array($attribute, [self::READ, self::COPY, self::EDIT], true) && $subject instanceof Course;
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token): bool
    {
        $user = $token->getUser();
        $isOwner = $user instanceof User && $subject->owner->id() === $user->id();
        if ($subject->isDeleted()) {
            return $isOwner && self::EDIT === $attribute;
        }
        $isShared = $user instanceof User && $subject->isShared() && \in_array('ROLE_TEACHER', $user->getRoles(), true);

        return $isOwner || match ($attribute) {
            self::READ => $subject->isOpen() || $isShared || $user instanceof User && $user->isPupil() && $this->pupils->ofUser($user)?->class()->course() === $subject,
            self::COPY => $isShared,
            default => false,
        };
    }
}
