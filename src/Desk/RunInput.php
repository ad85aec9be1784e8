<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Signals;
use Symfony\Component\Validator\Constraints as Assert;

/** What a run is asked for with. */
final readonly class RunInput
{
    private const LONGEST_ANSWERS = 10_000;

    /**
     * @param string $answers lines that are given to what the program asks
     * @param string $signals what is pressed and when; see Signals
     */
    public function __construct(
        public string $view = 'both',
        public string $text = 'python',
        #[Assert\PositiveOrZero]
        public int $seed = 1,
        #[Assert\Positive]
        public ?int $steps = null,
        public bool $onlySheet = false,
        #[Assert\PositiveOrZero]
        public int $layout = 0,
        public string $answers = '',
        public string $signals = '',
    ) {
    }

    public function view(): DeskView
    {
        return DeskView::from($this->view, $this->text);
    }

    /** @throws Refusal if the signals can't be read */
    public function circumstances(): Circumstances
    {
        return new Circumstances(new Answers(mb_strcut($this->answers, 0, self::LONGEST_ANSWERS), true), Signals::read($this->signals), $this->layout);
    }
}
