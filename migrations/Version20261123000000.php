<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People, their programs with all revisions, and sessions.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE users (id INT AUTO_INCREMENT NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(80) NOT NULL, password VARCHAR(255) NOT NULL, UNIQUE INDEX users_email (email), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
        $this->addSql('CREATE TABLE programs (id INT AUTO_INCREMENT NOT NULL, owner_id INT NOT NULL, name VARCHAR(80) NOT NULL, tree MEDIUMTEXT NOT NULL, row_count INT NOT NULL, revision INT NOT NULL, undo_to INT DEFAULT NULL, redo_to INT DEFAULT NULL, updated_at DATETIME NOT NULL, deleted_at DATETIME DEFAULT NULL, INDEX programs_of_owner (owner_id, deleted_at, updated_at), PRIMARY KEY (id), CONSTRAINT programs_owner FOREIGN KEY (owner_id) REFERENCES users (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
        $this->addSql('CREATE TABLE revisions (program_id INT NOT NULL, number INT NOT NULL, kind VARCHAR(20) NOT NULL, what VARCHAR(60) NOT NULL, tree MEDIUMBLOB NOT NULL, undo_to INT DEFAULT NULL, redo_to INT DEFAULT NULL, made_at DATETIME NOT NULL, PRIMARY KEY (program_id, number), CONSTRAINT revisions_program FOREIGN KEY (program_id) REFERENCES programs (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
        $this->addSql('CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL PRIMARY KEY, sess_data BLOB NOT NULL, sess_lifetime INTEGER UNSIGNED NOT NULL, sess_time INTEGER UNSIGNED NOT NULL, INDEX sessions_lifetime (sess_lifetime)) COLLATE utf8mb4_bin, ENGINE = InnoDB');
    }

    public function down(Schema $schema): void
    {
        foreach (['sessions', 'revisions', 'programs', 'users'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
