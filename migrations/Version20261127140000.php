<?php

declare(strict_types=1);

namespace Scrivlet\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Courses with their lessons, and the work of those who learn, guests among them.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE courses (id INT UNSIGNED AUTO_INCREMENT NOT NULL, is_open TINYINT NOT NULL, is_shared TINYINT NOT NULL, deleted_at DATETIME DEFAULT NULL, texts JSON NOT NULL, updated_at DATETIME NOT NULL, owner_id INT NOT NULL, INDEX IDX_A9A55A4C7E3C61F9 (owner_id), INDEX courses_open (is_open, deleted_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE lessons (id INT UNSIGNED AUTO_INCREMENT NOT NULL, document LONGTEXT NOT NULL, revision INT NOT NULL, deleted_at DATETIME DEFAULT NULL, position INT NOT NULL, updated_at DATETIME NOT NULL, course_id INT UNSIGNED NOT NULL, INDEX IDX_3F4218D9591CC992 (course_id), INDEX lessons_place (course_id, position), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE learners (id INT UNSIGNED AUTO_INCREMENT NOT NULL, name VARCHAR(60) NOT NULL, languages JSON NOT NULL, made_at DATETIME NOT NULL, seen_at DATETIME NOT NULL, cookie VARCHAR(64) CHARACTER SET ascii DEFAULT NULL COLLATE `ascii_bin`, key_hash VARCHAR(64) CHARACTER SET ascii DEFAULT NULL COLLATE `ascii_bin`, seed VARCHAR(32) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, locale VARCHAR(8) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, user_id INT DEFAULT NULL, INDEX learners_seen (seen_at), UNIQUE INDEX learners_user (user_id), UNIQUE INDEX learners_cookie (cookie), UNIQUE INDEX learners_key (key_hash), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE works (id BIGINT UNSIGNED AUTO_INCREMENT NOT NULL, tries INT NOT NULL, hints INT NOT NULL, looks INT NOT NULL, nearness JSON NOT NULL, answer MEDIUMTEXT DEFAULT NULL, passed_at DATETIME DEFAULT NULL, is_skipped TINYINT NOT NULL, used_rows INT DEFAULT NULL, changed_at DATETIME NOT NULL, rung INT NOT NULL, language VARCHAR(16) CHARACTER SET ascii NOT NULL COLLATE `ascii_bin`, learner_id INT UNSIGNED NOT NULL, lesson_id INT UNSIGNED NOT NULL, INDEX IDX_F6E502436209CB66 (learner_id), INDEX IDX_F6E50243CDF80196 (lesson_id), UNIQUE INDEX works_one (learner_id, lesson_id, rung, language), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE works ADD CONSTRAINT FK_F6E502436209CB66 FOREIGN KEY (learner_id) REFERENCES learners (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE works ADD CONSTRAINT FK_F6E50243CDF80196 FOREIGN KEY (lesson_id) REFERENCES lessons (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE lessons ADD CONSTRAINT FK_3F4218D9591CC992 FOREIGN KEY (course_id) REFERENCES courses (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE courses ADD CONSTRAINT FK_A9A55A4C7E3C61F9 FOREIGN KEY (owner_id) REFERENCES users (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE learners ADD CONSTRAINT FK_3AB2D486A76ED395 FOREIGN KEY (user_id) REFERENCES users (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        foreach (['works', 'learners', 'lessons', 'courses'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
