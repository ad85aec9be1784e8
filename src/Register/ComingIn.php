<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Learner\Learners;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;

/** A pupil comes into their class, with its code or with their own words: the browser knows them from then on. */
final readonly class ComingIn
{
    public function __construct(private PupilRepository $pupils, private Learners $learners, private Security $security, private Activity $activity, private Live $live)
    {
    }

    public function pupil(Request $request, Pupil $pupil): void
    {
        $this->learners->forget($request);
        $this->security->login($pupil->user, 'form_login', 'main');
        $this->activity->seen($pupil);
        $this->live->tellRegister($pupil->class(), ['all' => true]);
    }

    /** @return bool whether it is a pupil who came back, and no guest */
    public function learner(Request $request, Learner $learner): bool
    {
        $pupil = null === $learner->user() ? null : $this->pupils->ofUser($learner->user());
        if (null !== $pupil) {
            $this->pupil($request, $pupil);
        }

        return null !== $pupil;
    }
}
