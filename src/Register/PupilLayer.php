<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\DBAL\Exception as DatabaseTrouble;
use Scrivlet\App\Entity\User;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\RequestStack;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Gives every page what lies over it for a pupil; nothing for anybody else. */
final class PupilLayer extends AbstractExtension
{
    public function __construct(private readonly Security $security, private readonly PupilRepository $pupils, private readonly Layer $layer, private readonly RequestStack $requests)
    {
    }

    public function getFunctions(): array
    {
        return [new TwigFunction('pupil_layer', $this->layer(...))];
    }

    /** @return array<string, mixed>|null */
    private function layer(): ?array
    {
        $user = $this->security->getUser();
        $request = $this->requests->getMainRequest();
        if (!$user instanceof User || !$user->isPupil() || null === $request) {
            return null;
        }
        try {
            $pupil = $this->pupils->ofUser($user);

            return null === $pupil ? null : $this->layer->of($pupil, $request->getLocale(), $request->cookies->getString('scrivlet_text'));
        } catch (DatabaseTrouble) {
            // The page that says so has to be there all the same.
            return null;
        }
    }
}
