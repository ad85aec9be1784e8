<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Classes with their pupils, what was handed out, what they tripped over, notes in margins, states of answers; invitations, and the log of deeds.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE works ADD seconds INT DEFAULT 0 NOT NULL, ADD had_mistakes TINYINT DEFAULT 0 NOT NULL');
        $this->addSql('CREATE TABLE classes (id INT UNSIGNED AUTO_INCREMENT NOT NULL, is_joinable TINYINT NOT NULL, view VARCHAR(16) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, orders JSON NOT NULL, said INT NOT NULL, stamp INT NOT NULL, made_at DATETIME NOT NULL, name VARCHAR(60) NOT NULL, code VARCHAR(8) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, ends_on DATE NOT NULL, course_id INT UNSIGNED DEFAULT NULL, lesson_id INT UNSIGNED DEFAULT NULL, owner_id INT NOT NULL, INDEX IDX_2ED7EC5591CC992 (course_id), INDEX IDX_2ED7EC5CDF80196 (lesson_id), INDEX IDX_2ED7EC57E3C61F9 (owner_id), INDEX classes_end (ends_on), UNIQUE INDEX classes_code (code), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE copies (id INT UNSIGNED AUTO_INCREMENT NOT NULL, seconds INT NOT NULL, run_count INT NOT NULL, collected_revision INT DEFAULT NULL, changed_at DATETIME DEFAULT NULL, handout_id INT UNSIGNED NOT NULL, pupil_id INT UNSIGNED NOT NULL, program_id INT NOT NULL, INDEX IDX_D97FD39C65F79AB3 (handout_id), INDEX IDX_D97FD39CD2FD11 (pupil_id), UNIQUE INDEX UNIQ_D97FD39C3EB8070A (program_id), UNIQUE INDEX copies_one (handout_id, pupil_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE deeds (id BIGINT UNSIGNED AUTO_INCREMENT NOT NULL, who VARCHAR(180) NOT NULL, did VARCHAR(40) NOT NULL, whom VARCHAR(180) NOT NULL, at DATETIME NOT NULL, INDEX deeds_at (at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE handouts (id INT UNSIGNED AUTO_INCREMENT NOT NULL, handed_at DATETIME NOT NULL, collected_at DATETIME DEFAULT NULL, name VARCHAR(80) NOT NULL, tree MEDIUMTEXT NOT NULL, class_id INT UNSIGNED NOT NULL, INDEX IDX_A6814D0BEA000B10 (class_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE invitations (id INT UNSIGNED AUTO_INCREMENT NOT NULL, hash VARCHAR(64) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, ends_at DATETIME NOT NULL, user_id INT NOT NULL, UNIQUE INDEX UNIQ_232710AEA76ED395 (user_id), UNIQUE INDEX invitations_hash (hash), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE margin_notes (id INT UNSIGNED AUTO_INCREMENT NOT NULL, read_at DATETIME DEFAULT NULL, made_at DATETIME NOT NULL, place VARCHAR(40) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, anchor VARCHAR(40) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, line INT NOT NULL, quote VARCHAR(200) NOT NULL, text VARCHAR(500) NOT NULL, pupil_id INT UNSIGNED NOT NULL, INDEX IDX_B8003C22D2FD11 (pupil_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE pupils (id INT UNSIGNED AUTO_INCREMENT NOT NULL, joined_at DATETIME NOT NULL, seen_at DATETIME DEFAULT NULL, help_at DATETIME DEFAULT NULL, place JSON DEFAULT NULL, place_since DATETIME DEFAULT NULL, mistakes JSON NOT NULL, mistakes_since DATETIME DEFAULT NULL, sourced_id VARCHAR(64) DEFAULT NULL, class_id INT UNSIGNED NOT NULL, user_id INT NOT NULL, learner_id INT UNSIGNED NOT NULL, INDEX IDX_A7AF97C3EA000B10 (class_id), UNIQUE INDEX UNIQ_A7AF97C36209CB66 (learner_id), UNIQUE INDEX pupils_user (user_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE trips (id BIGINT UNSIGNED AUTO_INCREMENT NOT NULL, kind VARCHAR(80) NOT NULL, parameters JSON NOT NULL, language VARCHAR(16) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, text MEDIUMTEXT NOT NULL, line INT DEFAULT NULL, rung INT DEFAULT NULL, at DATETIME NOT NULL, class_id INT UNSIGNED NOT NULL, pupil_id INT UNSIGNED NOT NULL, lesson_id INT UNSIGNED DEFAULT NULL, INDEX IDX_AA7370DAEA000B10 (class_id), INDEX IDX_AA7370DAD2FD11 (pupil_id), INDEX IDX_AA7370DACDF80196 (lesson_id), INDEX trips_class (class_id, at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE work_states (id BIGINT UNSIGNED AUTO_INCREMENT NOT NULL, answer MEDIUMTEXT NOT NULL, near DOUBLE PRECISION DEFAULT NULL, at DATETIME NOT NULL, work_id BIGINT UNSIGNED NOT NULL, INDEX IDX_9A3BB16FBB3453DB (work_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE classes ADD CONSTRAINT FK_2ED7EC5591CC992 FOREIGN KEY (course_id) REFERENCES courses (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE classes ADD CONSTRAINT FK_2ED7EC5CDF80196 FOREIGN KEY (lesson_id) REFERENCES lessons (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE classes ADD CONSTRAINT FK_2ED7EC57E3C61F9 FOREIGN KEY (owner_id) REFERENCES users (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE copies ADD CONSTRAINT FK_D97FD39C65F79AB3 FOREIGN KEY (handout_id) REFERENCES handouts (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE copies ADD CONSTRAINT FK_D97FD39CD2FD11 FOREIGN KEY (pupil_id) REFERENCES pupils (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE copies ADD CONSTRAINT FK_D97FD39C3EB8070A FOREIGN KEY (program_id) REFERENCES programs (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE handouts ADD CONSTRAINT FK_A6814D0BEA000B10 FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE invitations ADD CONSTRAINT FK_232710AEA76ED395 FOREIGN KEY (user_id) REFERENCES users (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE margin_notes ADD CONSTRAINT FK_B8003C22D2FD11 FOREIGN KEY (pupil_id) REFERENCES pupils (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pupils ADD CONSTRAINT FK_A7AF97C3EA000B10 FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pupils ADD CONSTRAINT FK_A7AF97C3A76ED395 FOREIGN KEY (user_id) REFERENCES users (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pupils ADD CONSTRAINT FK_A7AF97C36209CB66 FOREIGN KEY (learner_id) REFERENCES learners (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE trips ADD CONSTRAINT FK_AA7370DAEA000B10 FOREIGN KEY (class_id) REFERENCES classes (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE trips ADD CONSTRAINT FK_AA7370DAD2FD11 FOREIGN KEY (pupil_id) REFERENCES pupils (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE trips ADD CONSTRAINT FK_AA7370DACDF80196 FOREIGN KEY (lesson_id) REFERENCES lessons (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE work_states ADD CONSTRAINT FK_9A3BB16FBB3453DB FOREIGN KEY (work_id) REFERENCES works (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE works DROP seconds, DROP had_mistakes');
        foreach (['work_states', 'trips', 'margin_notes', 'invitations', 'deeds', 'copies', 'handouts', 'pupils', 'classes'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
