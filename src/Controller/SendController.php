<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Device\Channels;
use Scrivlet\App\Device\DeviceRepository;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Http\JsonBody;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Device\DeviceFile;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A program's way to a device. */
#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class SendController extends AbstractController
{
    public function __construct(private readonly DeviceRepository $devices, private readonly Channels $channels, private readonly EntityManagerInterface $entities)
    {
    }

    #[Route('/send', name: 'program_send', methods: ['POST'])]
    public function send(Request $request, Program $program): JsonResponse
    {
        $data = JsonBody::of($request);
        $code = \is_string($data['code'] ?? null) ? $data['code'] : '';
        try {
            $device = $this->devices->ofCode($code) ?? throw new Refusal('device.no_code', ['code' => mb_strtoupper(mb_substr($code, 0, 8))]);
            $file = $this->packed($program, \is_string($data['text'] ?? null) ? $data['text'] : '');
            if ($file->device->value !== $device->kind) {
                throw new Refusal('lantern' === $file->device->value ? 'device.other_lantern' : 'device.other_lawn');
            }
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
        $device->takes($program, new \DateTimeImmutable());
        $this->entities->flush();
        // What the device reports names this number, so that the desk knows earlier reports from it.
        $sent = bin2hex(random_bytes(8));
        if (!$this->channels->publish($device->channel, ['file' => $file->hex(), 'sent' => $sent])) {
            return new JsonResponse(['message' => Sentences::of('device.no_code', ['code' => $device->code], $request->getLocale())], 422);
        }

        return new JsonResponse(['code' => $device->code, 'sent' => $sent, 'channel' => $this->channels->ofProgram($program)]);
    }

    #[Route('/device.hex', name: 'program_device_file', methods: ['GET'])]
    public function take(Request $request, Program $program): Response
    {
        try {
            $file = $this->packed($program, $request->query->getString('text'));
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('shelf');
        }

        return new Response($file->hex(), 200, ['Content-Type' => 'text/plain; charset=us-ascii', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($program->name()).'.hex', 'program.hex')]);
    }

    /** @throws Refusal */
    private function packed(Program $program, string $text): DeviceFile
    {
        return DeviceFile::pack(ProgramStore::program($program), DeskView::from('both', $text)->runsAs(), $program->name());
    }
}
