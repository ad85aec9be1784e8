<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Security\CourseVoter;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The only way a course or a lesson gets into a controller: as `{course}` and `{lesson}` of a route that says what one has to be allowed. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class CourseResolver implements ValueResolverInterface
{
    /** The default of a route that names what has to be allowed; without it, reading. */
    public const NEEDS = '_needs';

    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    /** @return iterable<Course|Lesson> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $isLesson = Lesson::class === $argument->getType();
        if (!$isLesson && Course::class !== $argument->getType()) {
            return [];
        }
        $needs = $request->attributes->getString(self::NEEDS, CourseVoter::READ);
        $lesson = $isLesson ? $this->found($request, Lesson::class, 'lesson') : null;
        $course = null === $lesson || $request->attributes->has('course') ? $this->found($request, Course::class, 'course') : $lesson->course();
        $isGone = null !== $lesson && ($lesson->course() !== $course || $lesson->isDeleted() && CourseVoter::EDIT !== $needs);
        // What somebody may not see is not told apart from what is not there.
        if (null === $course || $isLesson && null === $lesson || $isGone || !$this->security->isGranted($needs, $course)) {
            throw new NotFoundHttpException('No such lesson.');
        }

        return [$lesson ?? $course];
    }

    /**
     * @template Kind of object
     *
     * @param class-string<Kind> $class
     *
     * @return Kind|null
     */
    private function found(Request $request, string $class, string $name): ?object
    {
        $id = $request->attributes->get($name);

        return is_numeric($id) && (int) $id < 4294967296 ? $this->entities->find($class, (int) $id) : null;
    }
}
