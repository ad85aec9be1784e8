<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Scrivlet\App\Program\Forms;

/** Programs and revisions are brought to the second form; those that their reader had refused open again. */
final class Version20261127000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Edits with numbers, names of revisions, roles and the newest form of stored programs.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE revisions ADD edit_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin DEFAULT NULL, ADD name VARCHAR(80) DEFAULT NULL, ADD UNIQUE INDEX revisions_edit (program_id, edit_id)');
        $this->addSql('ALTER TABLE users ADD roles LONGTEXT NOT NULL DEFAULT \'["ROLE_TEACHER"]\' COMMENT \'(DC2Type:json)\', ADD disabled_at DATETIME DEFAULT NULL, ADD made_at DATETIME DEFAULT NULL, ADD session_stamp INT NOT NULL DEFAULT 0');
        $this->addSql('UPDATE users SET email = LOWER(email)');
        $this->addSql('ALTER TABLE users MODIFY email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql('CREATE TABLE sign_ins (session_key VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, user_id INT NOT NULL, began_at DATETIME NOT NULL, address VARCHAR(64) NOT NULL, browser VARCHAR(160) NOT NULL, INDEX sign_ins_user (user_id), PRIMARY KEY (session_key), CONSTRAINT sign_ins_of_user FOREIGN KEY (user_id) REFERENCES users (id) ON DELETE CASCADE) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
    }

    public function postUp(Schema $schema): void
    {
        (new Forms($this->connection))->renew();
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sign_ins');
        $this->addSql('ALTER TABLE users DROP roles, DROP disabled_at, DROP made_at, DROP session_stamp');
        $this->addSql('ALTER TABLE revisions DROP INDEX revisions_edit, DROP edit_id, DROP name');
    }
}
