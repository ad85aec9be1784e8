<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Security\ProgramVoter;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The only way a program gets into a controller: it is the signed-in person's own, or it does not exist. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class ProgramResolver implements ValueResolverInterface
{
    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    /** @return iterable<Program> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (Program::class !== $argument->getType()) {
            return [];
        }
        $id = $request->attributes->get('id');
        $program = is_numeric($id) && (int) $id < 2147483648 ? $this->entities->find(Program::class, (int) $id) : null;
        // A program of somebody else is not told apart from none.
        if (null === $program || !$this->security->isGranted(ProgramVoter::USE, $program)) {
            throw new NotFoundHttpException('No such program.');
        }

        return [$program];
    }
}
