<?php

declare(strict_types=1);

namespace Scrivlet\App\Console;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\App\People\Farewell;
use Scrivlet\App\Security\Passwords;
use Scrivlet\App\Security\UserRepository;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('scrivlet:account', 'Makes, lists, disables, enables and deletes people, and gives them new passwords.')]
final class ManageAccounts extends Command
{
    private const ACTIONS = ['make', 'list', 'disable', 'enable', 'delete', 'password'];

    public function __construct(private readonly EntityManagerInterface $entities, private readonly UserRepository $users, private readonly Passwords $passwords, private readonly Farewell $farewell)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('action', InputArgument::REQUIRED, implode(', ', self::ACTIONS))
            ->addArgument('email', InputArgument::OPTIONAL, 'Whose account it is.')
            ->addOption('name', null, InputOption::VALUE_REQUIRED, 'The name that is shown; by default what stands before the @.')
            ->addOption('administrator', null, InputOption::VALUE_NONE, 'Makes an administrator, who invites teachers.')
            ->addOption('stdin', null, InputOption::VALUE_NONE, 'Reads the password from standard input; otherwise one is made and shown once.')
            ->addOption('yes', null, InputOption::VALUE_NONE, 'Deletes without asking.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $style = new SymfonyStyle($input, $output);
        $action = $input->getArgument('action');
        $email = $input->getArgument('email');
        if ('list' === $action) {
            $style->table(['E-mail address', 'Name', 'Roles', 'State'], array_map(static fn (User $user): array => [$user->getUserIdentifier(), $user->name(), implode(' ', array_diff($user->getRoles(), ['ROLE_USER'])), $user->isDisabled() ? 'disabled' : 'active'], $this->users->staff()));

            return Command::SUCCESS;
        }
        if (!\in_array($action, self::ACTIONS, true) || !\is_string($email) || false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            $style->error('Say what to do ('.implode(', ', self::ACTIONS).'), and the e-mail address of whom.');

            return Command::INVALID;
        }
        $user = $this->users->named($email);
        if (('make' === $action) !== (null === $user)) {
            $style->error(null === $user ? "There is no account of $email." : "$email has an account already.");

            return Command::FAILURE;
        }
        if ('make' === $action) {
            $name = $input->getOption('name');
            $normal = UserRepository::normal($email);
            \assert('' !== $normal);
            $user = new User($normal, mb_substr(\is_string($name) && '' !== trim($name) ? trim($name) : explode('@', $email)[0], 0, User::LONGEST_NAME), true === $input->getOption('administrator') ? [User::TEACHER, User::ADMINISTRATOR] : [User::TEACHER]);
            $this->entities->persist($user);
        }
        \assert(null !== $user);
        if ('delete' === $action && true !== $input->getOption('yes') && !$style->confirm("Delete $email with all programs, for good?", false)) {
            return Command::FAILURE;
        }
        $shown = match ($action) {
            'make', 'password' => $this->give($user, true === $input->getOption('stdin')),
            'disable' => $user->disable(),
            'enable' => $user->enable(),
            default => $this->farewell->to($user),
        };
        if (false === $shown) {
            $style->error('A password has '.Passwords::SHORTEST.' letters at least.');

            return Command::FAILURE;
        }
        $this->entities->flush();
        $output->writeln("$action: $email");
        if (\is_string($shown)) {
            $output->writeln("password: $shown");
        }

        return Command::SUCCESS;
    }

    /** @return string|false|null the password that was made, null if it was given, false if that one is too short */
    private function give(User $user, bool $isGiven): string|false|null
    {
        $password = $isGiven ? rtrim((string) fgets(\STDIN), "\r\n") : Passwords::made();
        if (!Passwords::isLongEnough($password)) {
            return false;
        }
        $this->passwords->set($user, $password);

        return $isGiven ? null : $password;
    }
}
