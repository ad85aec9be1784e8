<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Psr\Log\LoggerInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Console\Sentences;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Mailer\Exception\ExceptionInterface;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Mime\Email;

/** Sends links by mail where a school has said how (SCRIVLET_MAILER_DSN and SCRIVLET_MAILER_FROM); elsewhere they are shown. */
final readonly class Post
{
    public function __construct(#[Autowire('%env(default::SCRIVLET_MAILER_DSN)%')] private ?string $dsn, #[Autowire('%env(default::SCRIVLET_MAILER_FROM)%')] private ?string $from, private LoggerInterface $logger)
    {
    }

    public function isThere(): bool
    {
        return null !== $this->dsn && '' !== $this->dsn && null !== $this->from && '' !== $this->from;
    }

    /** @return bool whether it was taken by the mail server */
    public function invite(User $user, string $link, string $locale): bool
    {
        if (!$this->isThere()) {
            return false;
        }
        $mail = (new Email())->from((string) $this->from)->to($user->getUserIdentifier())
            ->subject(Sentences::of('people.mail_subject', [], $locale))->text(Sentences::of('people.mail_text', ['name' => $user->name(), 'link' => $link], $locale));
        try {
            (new Mailer(Transport::fromDsn((string) $this->dsn)))->send($mail);
        } catch (ExceptionInterface $trouble) {
            $this->logger->error('A mail was not taken.', ['why' => $trouble->getMessage()]);

            return false;
        }

        return true;
    }
}
