<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Tools\SchemaTool;
use Doctrine\ORM\Tools\SchemaValidator;
use Scrivlet\App\Kernel;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** It only looks; MariaDB ends a transaction in which its tables are looked through. */
#[SkipDatabaseRollback]
final class SchemaTest extends KernelTestCase
{
    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    /** A generated migration would otherwise drop what nothing maps. */
    public function testTheMigrationsMakeWhatIsMapped(): void
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        \assert($entities instanceof EntityManagerInterface);
        self::assertSame([], (new SchemaValidator($entities))->validateMapping());
        $sql = (new SchemaTool($entities))->getUpdateSchemaSql($entities->getMetadataFactory()->getAllMetadata());
        self::assertSame([], array_values(array_diff($sql, ['DROP TABLE doctrine_migration_versions'])), 'but for the list of migrations itself');
    }
}
