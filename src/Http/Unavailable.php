<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Contracts\Translation\TranslatorInterface;

/** A database that is not there right now is no mistake of a request: it is asked to come again, and loses nothing. */
final readonly class Unavailable
{
    /** SQLSTATE classes and MariaDB's numbers of a server that goes, comes, is full or gives a lock to another. */
    private const GOING = [1040, 1053, 1077, 1129, 1158, 1159, 1160, 1161, 1180, 1205, 1213, 1927, 2002, 2003, 2006, 2013, 2055];

    public function __construct(private TranslatorInterface $translator, private LoggerInterface $logger)
    {
    }

    #[AsEventListener(priority: 50)]
    public function answer(ExceptionEvent $event): void
    {
        for ($error = $event->getThrowable(); null !== $error; $error = $error->getPrevious()) {
            if (self::isGoing($error)) {
                $this->logger->error('The database is not there.', ['exception' => $error]);
                $event->setResponse($this->response('fetch' === $event->getRequest()->headers->get('X-Requested-With'), $event->getRequest()->getLocale()));

                return;
            }
        }
    }

    private static function isGoing(\Throwable $error): bool
    {
        return $error instanceof ConnectionException || $error instanceof RetryableException
            || $error instanceof DriverException && \in_array($error->getCode(), self::GOING, true)
            || $error instanceof \PDOException && \in_array((int) ($error->errorInfo[1] ?? $error->getCode()), self::GOING, true);
    }

    private function response(bool $isScript, string $locale): Response
    {
        $message = $this->translator->trans('error.unavailable', [], null, $locale);
        $response = $isScript
            ? new JsonResponse(['message' => $message])
            : new Response('<!DOCTYPE html><html lang="'.$locale.'"><meta charset="utf-8"><meta http-equiv="refresh" content="3"><title>Scrivlet</title><body><p>'.htmlspecialchars($message).'</p></body></html>');
        $response->setStatusCode(503)->headers->set('Retry-After', '2');

        return $response;
    }
}
