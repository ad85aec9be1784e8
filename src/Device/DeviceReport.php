<?php

declare(strict_types=1);

namespace Scrivlet\App\Device;

use Symfony\Component\Validator\Constraints as Assert;

/** What a device tells of the program that ran on it. */
final readonly class DeviceReport
{
    /**
     * @param string   $sent the number with which the program came
     * @param int|null $line of the text, with which it stopped
     */
    public function __construct(
        #[Assert\Length(max: 64)]
        public string $channel = '',
        #[Assert\Length(max: 64)]
        public string $sent = '',
        #[Assert\Length(max: 20_000)]
        public string $printed = '',
        public ?int $line = null,
        #[Assert\Length(max: 1_000)]
        public string $message = '',
    ) {
    }
}
