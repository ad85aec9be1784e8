<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\Learners;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\ComingIn;
use Scrivlet\App\Register\Joining;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** How a pupil comes into a class with its code and a name, and back with four words. */
#[Route('/join')]
final class JoinController extends AbstractController
{
    public function __construct(
        private readonly ClassRepository $classes,
        private readonly Joining $joining,
        private readonly Learners $learners,
        private readonly ComingIn $comingIn,
        #[Autowire(service: 'limiter.join')] private readonly RateLimiterFactory $joins,
        #[Autowire(service: 'limiter.join_wrong')] private readonly RateLimiterFactory $wrong,
        #[Autowire(service: 'limiter.join_wrong_all')] private readonly RateLimiterFactory $allWrong,
    ) {
    }

    #[Route('/{code}', name: 'join', requirements: ['code' => '[^/]{0,40}'], defaults: ['code' => ''], methods: ['GET'])]
    public function form(string $code, #[CurrentUser] ?User $user): Response
    {
        if (true === $user?->isPupil()) {
            return $this->redirectToRoute('my_class');
        }

        return $this->render('register/join.html.twig', ['code' => $code, 'name' => '', 'trouble' => null, 'isTeacher' => null !== $user]);
    }

    #[Route('', name: 'join_class', methods: ['POST'])]
    public function join(Request $request, #[CurrentUser] ?User $user): Response
    {
        $code = mb_substr(mb_scrub($request->request->getString('code'), 'UTF-8'), 0, 40);
        $name = mb_substr(mb_scrub($request->request->getString('name'), 'UTF-8'), 0, 200);
        if (null !== $user) {
            return true === $user->isPupil() ? $this->redirectToRoute('my_class') : $this->form($code, $user);
        }
        try {
            $pupil = $this->joined($request, $code, $name);
        } catch (Refusal $refusal) {
            $trouble = Sentences::of($refusal->key, $refusal->parameters, $request->getLocale());

            return $this->render('register/join.html.twig', ['code' => $code, 'name' => $name, 'trouble' => $trouble, 'isTeacher' => false], new Response(status: str_contains($refusal->key, 'too_many') ? 429 : 422));
        }
        $this->comingIn->pupil($request, $pupil);

        return $this->redirectToRoute('my_class', ['new' => 1]);
    }

    /** @throws Refusal */
    private function joined(Request $request, string $code, string $name): Pupil
    {
        $address = $request->getClientIp() ?? '';
        [$wrong, $allWrong] = [$this->wrong->create($address), $this->allWrong->create('all')];
        if (!$this->joins->create($address)->consume()->isAccepted() || 0 === $wrong->consume(0)->getRemainingTokens() || 0 === $allWrong->consume(0)->getRemainingTokens()) {
            throw new Refusal('join.too_many');
        }
        $class = $this->classes->ofCode($code);
        if (null === $class || !$class->isJoinable()) {
            $wrong->consume();
            $allWrong->consume();

            throw new Refusal(null === $class ? 'join.no_class' : 'join.closed');
        }

        return $this->joining->join($class, $name, $request->getLocale(), $this->learners->current($request));
    }

    /** Back with the key, on whatever machine. */
    #[Route('/back', name: 'join_back', methods: ['POST'])]
    public function back(Request $request, #[CurrentUser] ?User $user): Response
    {
        if (null !== $user) {
            return $this->redirectToRoute($user->isPupil() ? 'my_class' : 'shelf');
        }
        try {
            $learner = $this->learners->back($request, $request->request->getString('key'));
        } catch (Refusal $refusal) {
            $trouble = Sentences::of($refusal->key, $refusal->parameters, $request->getLocale());

            return $this->render('register/join.html.twig', ['code' => '', 'name' => '', 'trouble' => $trouble, 'isTeacher' => false], new Response(status: 422));
        }
        if (!$this->comingIn->learner($request, $learner)) {
            $this->addFlash('done', Sentences::of('guest.back', ['key' => implode(' · ', $this->learners->key($learner))], $request->getLocale()));

            return $this->redirectToRoute('books');
        }

        return $this->redirectToRoute('my_class');
    }
}
