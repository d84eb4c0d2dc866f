import type { MigrationInterface, QueryRunner } from 'typeorm';

const OPTIONS = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** Records of the site, when each opening is to be looked at again, and what a person keeps for themselves. */
export class Site0005000000000 implements MigrationInterface {
  name = 'Site0005000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE site_record (
      id varchar(40) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      opening_id char(36) NOT NULL,
      kind varchar(12) NOT NULL,
      person_id char(36) NOT NULL,
      at datetime(3) NOT NULL,
      seq bigint unsigned NOT NULL,
      words varchar(500) NOT NULL DEFAULT '',
      body mediumtext NOT NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      KEY site_record_feed (project_id, seq, id),
      KEY site_record_opening (opening_id),
      KEY site_record_kind (project_id, kind, words(60)),
      CONSTRAINT site_record_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE site_due (
      opening_id char(36) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      due date NULL,
      at datetime(3) NOT NULL,
      KEY site_due_project (project_id, due),
      CONSTRAINT site_due_project_row FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE person_note (
      person_id char(36) NOT NULL,
      name varchar(60) NOT NULL,
      body mediumtext NOT NULL,
      updated_at datetime(3) NOT NULL DEFAULT current_timestamp(3) ON UPDATE current_timestamp(3),
      PRIMARY KEY (person_id, name),
      CONSTRAINT person_note_person FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['person_note', 'site_due', 'site_record'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
