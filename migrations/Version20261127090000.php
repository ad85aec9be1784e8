<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Scrivlet\App\Program\Forms;

final class Version20261127090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Stored programs in their third form: commands have names of our own.';
    }

    public function up(Schema $schema): void
    {
        // Lines that windows show have other words now.
        $this->addSql('UPDATE programs SET shown = NULL');
        $this->addSql('DELETE FROM pictures');
    }

    public function postUp(Schema $schema): void
    {
        (new Forms($this->connection))->renew();
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Older code does not know the names.');
    }
}
