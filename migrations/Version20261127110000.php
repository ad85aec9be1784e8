<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Devices that are switched on, with the codes they show.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE devices (id INT UNSIGNED AUTO_INCREMENT NOT NULL, kind VARCHAR(16) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, code VARCHAR(8) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, channel VARCHAR(32) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, opened_at DATETIME NOT NULL, program_id INT DEFAULT NULL, user_id INT NOT NULL, INDEX IDX_11074E9A3EB8070A (program_id), INDEX IDX_11074E9AA76ED395 (user_id), INDEX devices_opened (opened_at), UNIQUE INDEX devices_code (code), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE devices ADD CONSTRAINT FK_11074E9A3EB8070A FOREIGN KEY (program_id) REFERENCES programs (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE devices ADD CONSTRAINT FK_11074E9AA76ED395 FOREIGN KEY (user_id) REFERENCES users (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE devices');
    }
}
