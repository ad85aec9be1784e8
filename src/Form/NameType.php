<?php

declare(strict_types=1);

namespace Scrivlet\App\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\NotBlank;

/** The name of a person, a program or a state. */
final class NameType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $longest = \is_int($options['longest']) ? $options['longest'] : 1;
        $message = \is_string($options['message']) ? $options['message'] : '';
        $builder->add('name', LineType::class, ['empty_data' => '', 'cut_to' => true === $options['is_cut'] ? $longest : null, 'constraints' => [
            ...(true === $options['may_be_empty'] ? [] : [new NotBlank(message: $message)]),
            new Length(max: $longest, maxMessage: $message),
        ]]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['allow_extra_fields' => true, 'longest' => 80, 'may_be_empty' => false, 'is_cut' => false, 'message' => '']);
    }

    public function getBlockPrefix(): string
    {
        return '';
    }
}
