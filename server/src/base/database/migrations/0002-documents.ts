import type { MigrationInterface, QueryRunner } from 'typeorm';

const OPTIONS = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** A project's documents (building, practices, lists) and the photographs of its openings. */
export class Documents0002000000000 implements MigrationInterface {
  name = 'Documents0002000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE project_document (
      project_id char(36) NOT NULL,
      name varchar(32) NOT NULL,
      body longtext NOT NULL,
      version int NOT NULL DEFAULT 1,
      PRIMARY KEY (project_id, name),
      CONSTRAINT project_document_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE photo (
      id char(36) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      opening_id char(36) NOT NULL,
      person_id char(36) NOT NULL,
      caption varchar(200) NOT NULL DEFAULT '',
      type varchar(20) NOT NULL,
      width int NOT NULL,
      height int NOT NULL,
      bytes mediumblob NOT NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      KEY photo_opening (opening_id),
      CONSTRAINT photo_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE photo');
    await runner.query('DROP TABLE project_document');
  }
}
