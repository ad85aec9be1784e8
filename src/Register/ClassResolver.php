<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Security\ClassVoter;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The only way a class, or anything of it, gets into a teacher's controller: it is of a class of their own, or it does not exist. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class ClassResolver implements ValueResolverInterface
{
    private const NAMES = [SchoolClass::class => 'class', Pupil::class => 'pupil', Handout::class => 'handout', Trip::class => 'trip', MarginNote::class => 'note'];

    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    /** @return iterable<object> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $type = $argument->getType() ?? '';
        $name = self::NAMES[$type] ?? null;
        if (null === $name || !$request->attributes->has($name)) {
            return [];
        }
        $class = $this->found($request, SchoolClass::class, 'class');
        $object = SchoolClass::class === $type ? $class : (class_exists($type) ? $this->found($request, $type, $name) : null);
        $of = match (true) {
            $object instanceof Pupil => $object->class(),
            $object instanceof Handout, $object instanceof Trip => $object->class,
            $object instanceof MarginNote => $object->pupil->class(),
            default => $class,
        };
        if (null === $object || null === $class || $of !== $class || !$this->security->isGranted(ClassVoter::TEACH, $class)) {
            throw new NotFoundHttpException('No such class.');
        }

        return [$object];
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
