<?php

declare(strict_types=1);

namespace Scrivlet\App\Device;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Device;
use Scrivlet\App\Entity\User;

/** @extends ServiceEntityRepository<Device> */
final class DeviceRepository extends ServiceEntityRepository
{
    /** Signs that cannot be taken for one another, on a projector as in a hand. */
    private const SIGNS = 'ACDEFHJKLMNPRTUVWXY34679';
    private const LENGTH = 5;
    /** Devices that one person has switched on at most; the oldest makes room. */
    private const MOST = 20;
    /** How long a code is kept that nobody uses. */
    public const KEPT = '-7 days';

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Device::class);
    }

    public function open(User $user, string $kind): Device
    {
        $manager = $this->getEntityManager();
        $own = $this->findBy(['user' => $user], ['openedAt' => 'ASC']);
        foreach (\array_slice($own, 0, max(0, \count($own) - self::MOST + 1)) as $oldest) {
            $manager->remove($oldest);
        }
        do {
            $code = '';
            for ($sign = 0; $sign < self::LENGTH; ++$sign) {
                $code .= self::SIGNS[random_int(0, \strlen(self::SIGNS) - 1)];
            }
        } while (null !== $this->findOneBy(['code' => $code]));
        $device = new Device($user, $kind, $code, bin2hex(random_bytes(16)), new \DateTimeImmutable());
        $manager->persist($device);
        $manager->flush();

        return $device;
    }

    public function ofCode(string $code): ?Device
    {
        return $this->findOneBy(['code' => mb_strtoupper(trim($code))]);
    }

    public function ofChannel(string $channel): ?Device
    {
        return $this->findOneBy(['channel' => $channel]);
    }

    /** @return int how many codes were given up */
    public function prune(): int
    {
        $gone = $this->createQueryBuilder('device')->delete()->where('device.openedAt < :before')->setParameter('before', new \DateTimeImmutable(self::KEPT))->getQuery()->execute();

        return \is_int($gone) ? $gone : 0;
    }
}
