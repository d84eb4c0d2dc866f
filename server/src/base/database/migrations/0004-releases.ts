import type { MigrationInterface, QueryRunner } from 'typeorm';

const OPTIONS = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';

/** Releases with their files, links to them for readers, and work that is done in the background. */
export class Releases0004000000000 implements MigrationInterface {
  name = 'Releases0004000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE project_release (
      id char(36) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      number int NOT NULL,
      name varchar(80) NOT NULL DEFAULT '',
      reason varchar(400) NOT NULL,
      person_name varchar(120) NOT NULL,
      core_version varchar(20) NOT NULL,
      inputs longtext NOT NULL,
      openings longtext NOT NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      UNIQUE KEY project_release_number (project_id, number),
      CONSTRAINT project_release_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE release_file (
      release_id char(36) NOT NULL,
      name varchar(80) NOT NULL,
      type varchar(100) NOT NULL,
      sha256 char(64) NOT NULL,
      size int NOT NULL,
      bytes longblob NOT NULL,
      PRIMARY KEY (release_id, name),
      CONSTRAINT release_file_release FOREIGN KEY (release_id) REFERENCES project_release (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE release_share (
      id char(36) NOT NULL PRIMARY KEY,
      release_id char(36) NOT NULL,
      token_hash char(64) NOT NULL,
      created_by char(36) NULL,
      expires_at datetime(3) NOT NULL,
      revoked_at datetime(3) NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      UNIQUE KEY release_share_token (token_hash),
      KEY release_share_release (release_id),
      CONSTRAINT release_share_release FOREIGN KEY (release_id) REFERENCES project_release (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE job (
      id char(36) NOT NULL PRIMARY KEY,
      project_id char(36) NOT NULL,
      person_id char(36) NOT NULL,
      kind varchar(20) NOT NULL,
      name varchar(160) NOT NULL,
      input longtext NOT NULL,
      state varchar(12) NOT NULL DEFAULT 'waiting',
      progress float NOT NULL DEFAULT 0,
      attempts int NOT NULL DEFAULT 0,
      holder char(36) NULL,
      held_until datetime(3) NULL,
      why varchar(400) NOT NULL DEFAULT '',
      type varchar(100) NOT NULL DEFAULT '',
      size int NOT NULL DEFAULT 0,
      bytes longblob NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      ended_at datetime(3) NULL,
      KEY job_project (project_id, created_at),
      KEY job_state (state, held_until),
      CONSTRAINT job_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['job', 'release_share', 'release_file', 'project_release'])
      await runner.query(`DROP TABLE ${table}`);
  }
}
