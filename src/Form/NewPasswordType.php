<?php

declare(strict_types=1);

namespace Scrivlet\App\Form;

use Scrivlet\App\Security\Passwords;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\PasswordType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints\Callback;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** The password that a person has, and the one to come. */
final class NewPasswordType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->add('old', PasswordType::class, ['trim' => false, 'empty_data' => ''])
            ->add('new', PasswordType::class, ['trim' => false, 'empty_data' => '', 'constraints' => [
                new Callback(static function (mixed $password, ExecutionContextInterface $context): void {
                    if (!\is_string($password) || !Passwords::isLongEnough($password)) {
                        $context->addViolation('account.short_password');
                    }
                }),
            ]]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['allow_extra_fields' => true]);
    }

    public function getBlockPrefix(): string
    {
        return '';
    }
}
