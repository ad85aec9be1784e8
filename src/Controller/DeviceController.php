<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Desk\RunReport;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Device\Channels;
use Scrivlet\App\Device\DeviceInput;
use Scrivlet\App\Device\DeviceReport;
use Scrivlet\App\Device\DeviceRepository;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Device\DeviceFile;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The devices: stand-ins that are apart from the desk, and run alone what was sent to them. */
#[Route('/device')]
final class DeviceController extends AbstractController
{
    private const STEPS = 300_000;
    /** How long a run goes on behind the last press, in milliseconds of its own time. */
    private const LISTENS = 60_000;

    public function __construct(private readonly DeviceRepository $devices, private readonly Channels $channels, private readonly EntityManagerInterface $entities)
    {
    }

    #[Route('/{kind}', name: 'device', requirements: ['kind' => 'lantern|mower'], methods: ['GET'])]
    public function device(string $kind): Response
    {
        return $this->render('device/device.html.twig', ['kind' => 'mower' === $kind ? SceneName::Lawn : SceneName::Lantern, 'inks' => Ink::cases()]);
    }

    /** A code for a device that was switched on; one that has a code keeps it. */
    #[Route('/code', name: 'device_code', methods: ['POST'])]
    public function code(#[MapRequestPayload] DeviceInput $input, #[CurrentUser] User $user): JsonResponse
    {
        $device = '' === $input->channel ? null : $this->devices->ofChannel($input->channel);
        if (null === $device || $device->kind !== $input->kind()->value || $device->user->id() !== $user->id()) {
            $device = $this->devices->open($user, $input->kind()->value);
        } else {
            $device->opened(new \DateTimeImmutable());
            $this->entities->flush();
        }

        return new JsonResponse(['code' => $device->code, 'channel' => $device->channel]);
    }

    /** Checks a file that came, and runs what is in it. */
    #[Route('/run', name: 'device_run', methods: ['POST'])]
    public function run(Request $request, #[MapRequestPayload] DeviceInput $input): JsonResponse
    {
        $locale = $request->getLocale();
        try {
            $file = DeviceFile::read($input->file, $input->kind());
            $program = $file->program();
            $signals = Signals::read($input->signals);
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $locale)], 422);
        }
        $analysis = new Analysis($program);
        $limits = new Limits(steps: self::STEPS, milliseconds: min(Signals::LATEST * 1000, $signals->last() + self::LISTENS));
        $outcome = Runner::run($analysis, $file->language, $input->seed, $limits, circumstances: new Circumstances(new Answers($input->answers, true), $signals));
        $line = null;
        foreach ($analysis->text($file->language)->lines as $index => $one) {
            if (null !== $outcome->errorRow && $one->anchor === $outcome->errorRow) {
                $line = $index + 1;
                break;
            }
        }

        return new JsonResponse([
            'name' => $file->name, 'language' => $file->language->title(), 'setting' => SettingReport::of($program, $locale),
            'report' => RunReport::of($outcome, $locale, true), 'line' => $line, 'printed' => $outcome->trace->printout(),
        ]);
    }

    /** What became of a program, for the desk from which it came. */
    #[Route('/report', name: 'device_report', methods: ['POST'])]
    public function report(#[MapRequestPayload] DeviceReport $report): JsonResponse
    {
        $device = $this->devices->ofChannel($report->channel);
        $program = $device?->program();
        if (null === $device || null === $program) {
            return new JsonResponse(['told' => false]);
        }

        return new JsonResponse(['told' => $this->channels->publish($this->channels->ofProgram($program), ['code' => $device->code, 'sent' => $report->sent, 'printed' => $report->printed, 'line' => $report->line, 'message' => $report->message])]);
    }
}
