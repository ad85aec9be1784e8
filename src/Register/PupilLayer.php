<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

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
        $pupil = $user instanceof User && $user->isPupil() ? $this->pupils->ofUser($user) : null;

        return null === $pupil || null === $request ? null : $this->layer->of($pupil, $request->getLocale(), $request->cookies->getString('scrivlet_text'));
    }
}
