<?php

declare(strict_types=1);

namespace Scrivlet\Demo;

use Doctrine\Bundle\FixturesBundle\Fixture;
use Doctrine\Bundle\FixturesBundle\FixtureGroupInterface;
use Doctrine\Persistence\ObjectManager;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Security\UserRepository;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\LessonFile;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/**
 * The teachers, programs and courses of Fernhollow, where they are not there yet. Everybody knows their password, so that a school's
 * installation, which is made without what is for development, does not have them.
 */
final class Fernhollow extends Fixture implements FixtureGroupInterface
{
    public const PASSWORD = 'garden-gate';
    private const TEACHERS = ['juniper@fernhollow.example' => 'Juniper Vale', 'rowan@fernhollow.example' => 'Rowan Ash'];
    /** She invites teachers, and has no class. */
    private const ADMINISTRATOR = ['linden@fernhollow.example' => 'Linden Moss'];
    private const CLASS_7B = ['Alder', 'Aster', 'Bracken', 'Briar', 'Bryony', 'Clover', 'Cress', 'Dill', 'Elm', 'Fennel', 'Hazel', 'Heather', 'Iris', 'Ivy', 'Laurel', 'Maple', 'Olive', 'Poppy', 'Sage', 'Sorrel', 'Tansy', 'Thyme', 'Willow', 'Yarrow'];
    private const HANDED = 'Picket fence';
    private const EVENING = ['Basil', 'Cedar', 'Fern', 'Myrtle', 'Reed', 'Rue', 'Sedge', 'Vetch'];
    private const COURSES = ['meadow', 'hedges', 'evening'];
    /** How many programs the second teacher has. */
    private const FEW = 4;

    public function __construct(private readonly ProgramStore $store, private readonly UserRepository $users, private readonly UserPasswordHasherInterface $hasher, private readonly CourseRepository $courses, private readonly Workshop $workshop, private readonly ClassRepository $classes, private readonly ProgramRepository $programs, private readonly SchoolYear $year)
    {
    }

    public static function getGroups(): array
    {
        return ['demo'];
    }

    public function load(ObjectManager $manager): void
    {
        $files = glob(__DIR__.'/*.scrivlet.json') ?: [];
        foreach (self::TEACHERS as $email => $name) {
            if (null === $this->users->named($email)) {
                $teacher = new User($email, $name);
                $teacher->setPassword($this->hasher->hashPassword($teacher, self::PASSWORD));
                $manager->persist($teacher);
                $manager->flush();
                // The last one made is the first on the shelf.
                foreach (array_reverse($files) as $file) {
                    [$title, $program] = ProjectReader::read((string) file_get_contents($file));
                    $this->store->create($teacher, $title, $program);
                }
            }
            $files = \array_slice($files, 0, self::FEW);
        }
        $juniper = $this->users->named((string) array_key_first(self::TEACHERS));
        if (null !== $juniper && [] === $this->courses->of($juniper)) {
            foreach (self::COURSES as $name) {
                $course = $this->workshop->copy(LessonFile::readCourse((string) file_get_contents(__DIR__."/courses/$name.course.json")), $juniper);
                $course->let(true, true);
            }
            $manager->flush();
        }
        foreach (self::ADMINISTRATOR as $email => $name) {
            if (null === $this->users->named($email)) {
                $administrator = new User($email, $name, [User::TEACHER, User::ADMINISTRATOR]);
                $administrator->setPassword($this->hasher->hashPassword($administrator, self::PASSWORD));
                $manager->persist($administrator);
                $manager->flush();
            }
        }
        $rowan = $this->users->named((string) array_key_last(self::TEACHERS));
        if (null !== $juniper && null !== $rowan) {
            $this->classes($juniper, $rowan);
        }
    }

    private function classes(User $juniper, User $rowan): void
    {
        $courses = $this->courses->of($juniper);
        foreach ([...$this->classes->of($juniper), ...$this->classes->of($rowan)] as $class) {
            $this->year->goesOn($class);
        }
        if ([] === $this->classes->of($juniper) && isset($courses[0])) {
            $class = $this->year->of($juniper, '7b', self::CLASS_7B, $courses[0], 4, Language::Python);
            $program = $this->programs->findOneBy(['owner' => $class->owner, 'name' => self::HANDED]);
            if (null !== $program) {
                $this->year->handOut($class, $program, Language::Python);
            }
            $this->year->note($class, 'Read the second line aloud. What does the loop still want at its end?');
        }
        $rowan = $this->users->find($rowan->id());
        $courses[2] = isset($courses[2]) ? $this->courses->find($courses[2]->id()) : null;
        if (null !== $rowan && [] === $this->classes->of($rowan) && null !== $courses[2]) {
            $this->year->of($rowan, 'Evening group', self::EVENING, $courses[2], 1, Language::Cpp);
        }
    }
}
