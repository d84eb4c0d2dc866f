import type { MigrationInterface, QueryRunner } from 'typeorm';

const OPTIONS = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** The first tables: people, sessions, projects, memberships, openings, events, set numbers. */
export class Initial0001000000000 implements MigrationInterface {
  name = 'Initial0001000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE person (
      id char(36) NOT NULL PRIMARY KEY,
      name varchar(120) NOT NULL,
      email varchar(254) NOT NULL,
      password_hash varchar(200) NOT NULL,
      demo boolean NOT NULL DEFAULT 0,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      UNIQUE KEY person_email (email)
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE session (
      id varchar(64) NOT NULL PRIMARY KEY,
      data text NOT NULL,
      expires_at datetime(3) NOT NULL,
      KEY session_expires (expires_at)
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE project (
      id char(36) NOT NULL PRIMARY KEY,
      name varchar(120) NOT NULL,
      practice varchar(32) NOT NULL,
      note text NOT NULL,
      version int NOT NULL DEFAULT 1,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3)
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE membership (
      project_id char(36) NOT NULL,
      person_id char(36) NOT NULL,
      role varchar(16) NOT NULL,
      PRIMARY KEY (project_id, person_id),
      KEY membership_person (person_id),
      CONSTRAINT membership_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT membership_person_fk FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE invitation (
      id char(36) NOT NULL PRIMARY KEY,
      token_hash char(64) NOT NULL,
      project_id char(36) NULL,
      role varchar(16) NULL,
      expires_at datetime(3) NOT NULL,
      used_at datetime(3) NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      UNIQUE KEY invitation_token (token_hash),
      CONSTRAINT invitation_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE opening (
      id char(36) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      mark varchar(40) NOT NULL,
      kind varchar(20) NOT NULL,
      from_room varchar(80) NOT NULL DEFAULT '',
      to_room varchar(80) NOT NULL DEFAULT '',
      storey varchar(40) NOT NULL DEFAULT '',
      facts json NOT NULL,
      version int NOT NULL DEFAULT 1,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      updated_at datetime(3) NOT NULL DEFAULT current_timestamp(3) ON UPDATE current_timestamp(3),
      KEY opening_project_mark (project_id, mark),
      CONSTRAINT opening_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE event (
      id bigint unsigned NOT NULL AUTO_INCREMENT PRIMARY KEY,
      project_id char(36) NOT NULL,
      person_id char(36) NOT NULL,
      kind varchar(16) NOT NULL,
      changes longtext NOT NULL,
      undone boolean NOT NULL DEFAULT 0,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      KEY event_project (project_id, id),
      CONSTRAINT event_project_fk FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE set_number (
      project_id char(36) NOT NULL,
      number int NOT NULL,
      signature text NOT NULL,
      openings longtext NOT NULL,
      PRIMARY KEY (project_id, number),
      CONSTRAINT set_number_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [
      'set_number',
      'event',
      'opening',
      'invitation',
      'membership',
      'project',
      'session',
      'person',
    ]) {
      await runner.query(`DROP TABLE ${table}`);
    }
  }
}
