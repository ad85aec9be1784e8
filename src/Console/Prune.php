<?php

declare(strict_types=1);

namespace Scrivlet\App\Console;

use Doctrine\DBAL\Connection;
use Scrivlet\App\Device\DeviceRepository;
use Scrivlet\App\Learner\LearnerRepository;
use Scrivlet\App\Program\Thinning;
use Scrivlet\App\Security\SignInWatch;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('scrivlet:prune', 'Takes away what is kept no longer: old revisions, programs and lessons deleted long ago, sessions, guests who did not come back. Once a day.')]
final class Prune extends Command
{
    private const DELETED_DAYS = 30;

    public function __construct(private readonly Connection $connection, private readonly Thinning $thinning, private readonly DeviceRepository $devices, private readonly LearnerRepository $learners)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $now = new \DateTimeImmutable();
        $time = static fn (string $ago): string => $now->modify($ago)->format('Y-m-d H:i:s');
        $programs = $this->connection->executeStatement('DELETE FROM programs WHERE deleted_at < ?', [$time('-'.self::DELETED_DAYS.' days')]);
        $sessions = $this->connection->executeStatement('DELETE FROM sessions WHERE sess_lifetime < ?', [$now->getTimestamp()]);
        $this->connection->executeStatement('DELETE FROM sign_ins WHERE began_at < ?', [$time('-'.SignInWatch::LONGEST.' seconds')]);
        $this->devices->prune();
        $guests = $this->learners->prune($now);
        // A lesson or a course is kept as long as a program is.
        foreach (['lessons', 'courses'] as $table) {
            $this->connection->executeStatement("DELETE FROM $table WHERE deleted_at < ?", [$time('-'.self::DELETED_DAYS.' days')]);
        }
        $revisions = $this->thinning->all($now);
        $output->writeln("programs: $programs, revisions: $revisions, sessions: $sessions, guests: $guests");

        return Command::SUCCESS;
    }
}
