<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Register\ClassCode;

/** @extends ServiceEntityRepository<SchoolClass> */
final class ClassRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SchoolClass::class);
    }

    /** @return list<SchoolClass> */
    public function of(User $owner): array
    {
        return $this->findBy(['owner' => $owner], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /** The class that somebody joins with a code as they typed it. */
    public function ofCode(string $typed): ?SchoolClass
    {
        $code = ClassCode::read($typed);

        return null === $code ? null : $this->findOneBy(['code' => $code]);
    }

    public function newCode(): string
    {
        do {
            $code = ClassCode::made();
        } while (null !== $this->findOneBy(['code' => $code]));

        return $code;
    }

    /** @return int how many pupils it has */
    public function pupils(SchoolClass $class): int
    {
        return $this->getEntityManager()->getRepository(Pupil::class)->count(['class' => $class]);
    }
}
