<?php

declare(strict_types=1);

namespace Scrivlet\App\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormEvent;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** One line of words: whatever stands between them is one blank, and signs that cannot be seen are none of it. */
final class LineType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $most = \is_int($options['cut_to']) ? $options['cut_to'] : null;
        $builder->addEventListener(FormEvents::PRE_SUBMIT, static function (FormEvent $event) use ($most): void {
            $data = $event->getData();
            $line = \is_string($data) ? trim((string) preg_replace('/[\p{C}\s]+/u', ' ', mb_scrub($data, 'UTF-8'))) : '';
            $event->setData(null === $most ? $line : mb_substr($line, 0, $most));
        });
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['cut_to' => null]);
    }

    public function getParent(): string
    {
        return TextType::class;
    }
}
