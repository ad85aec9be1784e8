<?php

declare(strict_types=1);

namespace Scrivlet\App\Console;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\People\DeedRepository;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\Register\Joining;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('scrivlet:tidy', 'Takes away classes that ended long enough ago, with all of their pupils, and what else is over. Once a day.')]
final class Tidy extends Command
{
    /** Days for which a class is kept behind its end, so that marks can be taken out. */
    public const DAYS = 30;
    /** What somebody tripped over is of interest for so long. */
    private const TRIPS = '-60 days';

    public function __construct(private readonly EntityManagerInterface $entities, private readonly Joining $joining, private readonly Deeds $deeds)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('dry-run', null, InputOption::VALUE_NONE, 'Only says what would go.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $before = new \DateTimeImmutable('-'.self::DAYS.' days');
        /** @var list<SchoolClass> $over */
        $over = $this->entities->createQuery('SELECT class FROM '.SchoolClass::class.' class WHERE class.endsOn < :before')->setParameter('before', $before->format('Y-m-d'))->getResult();
        foreach ($over as $class) {
            $output->writeln("class: {$class->name()}, ended {$class->endsOn()->format('Y-m-d')}");
            if (true !== $input->getOption('dry-run')) {
                $name = $class->name();
                $this->joining->dissolve($class);
                $this->deeds->note('class_tidied', $name);
            }
        }
        if (true !== $input->getOption('dry-run')) {
            $connection = $this->entities->getConnection();
            $connection->executeStatement('DELETE FROM trips WHERE at < ?', [(new \DateTimeImmutable(self::TRIPS))->format('Y-m-d H:i:s')]);
            $connection->executeStatement('DELETE FROM invitations WHERE ends_at < ?', [date('Y-m-d H:i:s')]);
            $connection->executeStatement('DELETE FROM deeds WHERE at < ?', [(new \DateTimeImmutable(DeedRepository::KEPT))->format('Y-m-d H:i:s')]);
        }
        $output->writeln('classes: '.\count($over));

        return Command::SUCCESS;
    }
}
