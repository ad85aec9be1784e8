<?php

declare(strict_types=1);

namespace Scrivlet\App\Console;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\File\ProjectReader;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

#[AsCommand('scrivlet:demo', 'Loads the teachers and programs of Fernhollow, where they are not there yet.')]
final class LoadDemo extends Command
{
    private const TEACHERS = ['juniper@fernhollow.example' => 'Juniper Vale', 'rowan@fernhollow.example' => 'Rowan Ash'];
    private const PASSWORD = 'garden-gate';

    public function __construct(private readonly EntityManagerInterface $entities, private readonly ProgramStore $store, private readonly UserPasswordHasherInterface $hasher, private readonly string $projectFolder)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('fresh', null, InputOption::VALUE_NONE, 'Takes the demo teachers with all they have away first.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ('1' !== ($_SERVER['SCRIVLET_DEMO'] ?? null)) {
            $output->writeln('<error>The demo people have a password that everybody knows: this is for bin/start and the tests alone.</error>');

            return Command::FAILURE;
        }
        $isFirst = true;
        foreach (self::TEACHERS as $email => $name) {
            $teacher = $this->entities->getRepository(User::class)->findOneBy(['email' => $email]);
            if (null !== $teacher && true === $input->getOption('fresh')) {
                $this->entities->remove($teacher);
                $this->entities->flush();
                $teacher = null;
            }
            if (null === $teacher) {
                $teacher = new User($email, $name);
                $teacher->setPassword($this->hasher->hashPassword($teacher, self::PASSWORD));
                $this->entities->persist($teacher);
                $this->entities->flush();
                foreach (array_reverse(\array_slice(glob("$this->projectFolder/demo/*.scrivlet.json") ?: [], 0, $isFirst ? null : 4)) as $file) {
                    [$title, $program] = ProjectReader::read((string) file_get_contents($file));
                    $this->store->create($teacher, $title, $program);
                }
            }
            $output->writeln(\sprintf('  %s  %s', str_pad($email, 30), self::PASSWORD));
            $isFirst = false;
        }

        return Command::SUCCESS;
    }
}
