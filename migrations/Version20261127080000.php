<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Digests of the lines that are shown, pictures that are kept, and indexes as they are mapped.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE programs ADD shown MEDIUMTEXT CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL');
        $this->addSql('CREATE TABLE pictures (program_id INT NOT NULL, revision INT NOT NULL, svg MEDIUMTEXT NOT NULL, PRIMARY KEY (program_id), CONSTRAINT pictures_program FOREIGN KEY (program_id) REFERENCES programs (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
        $this->addSql('ALTER TABLE users CHANGE roles roles JSON NOT NULL, CHANGE session_stamp session_stamp INT NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE users CHANGE roles roles LONGTEXT NOT NULL DEFAULT \'["ROLE_TEACHER"]\', CHANGE session_stamp session_stamp INT NOT NULL DEFAULT 0');
        $this->addSql('DROP TABLE pictures');
        $this->addSql('ALTER TABLE programs DROP shown');
    }
}
