<?php

declare(strict_types=1);

namespace Scrivlet\App\Device;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Device\IntelHex;
use Symfony\Component\Validator\Constraints as Assert;

/** What a device asks with. */
final readonly class DeviceInput
{
    /**
     * @param string $kind    lantern or mower
     * @param string $channel what it has been given before
     * @param string $file    records, as they came
     */
    public function __construct(
        #[Assert\Choice(['lantern', 'mower'])]
        public string $kind = 'lantern',
        #[Assert\Length(max: 64)]
        public string $channel = '',
        #[Assert\Length(max: IntelHex::MOST)]
        public string $file = '',
        #[Assert\Length(max: 20_000)]
        public string $signals = '',
        #[Assert\Length(max: 10_000)]
        public string $answers = '',
        #[Assert\PositiveOrZero]
        public int $seed = 1,
    ) {
    }

    public function kind(): SceneName
    {
        return 'mower' === $this->kind ? SceneName::Lawn : SceneName::Lantern;
    }
}
