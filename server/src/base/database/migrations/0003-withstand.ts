import { randomBytes } from 'node:crypto';
import { stringify } from 'safe-stable-stringify';
import type { MigrationInterface, QueryRunner } from 'typeorm';

const OPTIONS = 'ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_ci';
const CHUNK = 200;

type OldChange =
  | { openingId: string; before: unknown; after: unknown }
  | { document: string; before: unknown; after: unknown };

/**
 * Changes of an event as rows of their own, a feed number without gaps, facts in one spelling; accounts
 * with second factor, reset, audit, letters; sessions kept by a hash of their id.
 */
export class Withstand0003000000000 implements MigrationInterface {
  name = 'Withstand0003000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE project_feed (
      project_id char(36) NOT NULL PRIMARY KEY,
      seq bigint unsigned NOT NULL DEFAULT 0,
      CONSTRAINT project_feed_project FOREIGN KEY (project_id) REFERENCES project (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query('INSERT INTO project_feed (project_id) SELECT id FROM project');
    await runner.query(`CREATE TABLE installation (
      name varchar(40) NOT NULL PRIMARY KEY,
      value varchar(200) NOT NULL
    ) ${OPTIONS}`);
    await runner.query("INSERT INTO installation (name, value) VALUES ('epoch', ?)", [
      randomBytes(6).toString('hex'),
    ]);
    await runner.query(
      'ALTER TABLE event ADD COLUMN seq bigint unsigned NULL AFTER kind, ADD COLUMN size int NOT NULL DEFAULT 0 AFTER seq',
    );
    await runner.query(`CREATE TABLE event_change (
      event_id bigint unsigned NOT NULL,
      position int NOT NULL,
      opening_id char(36) NULL,
      document varchar(32) NULL,
      \`before\` longtext NULL,
      \`after\` longtext NULL,
      PRIMARY KEY (event_id, position),
      KEY event_change_opening (opening_id, event_id),
      CONSTRAINT event_change_event FOREIGN KEY (event_id) REFERENCES event (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await this.moveChanges(runner);
    await runner.query('ALTER TABLE event DROP COLUMN changes');
    await runner.query(
      'ALTER TABLE event ADD UNIQUE KEY event_seq (project_id, seq), ADD KEY event_person (project_id, person_id, id), DROP KEY event_project',
    );
    await runner.query('ALTER TABLE opening ADD KEY opening_order (project_id, created_at, id)');
    await this.respell(runner, 'opening', 'facts', ['id']);
    await this.respell(runner, 'project_document', 'body', ['project_id', 'name']);

    await runner.query(
      `ALTER TABLE person ADD COLUMN admin boolean NOT NULL DEFAULT 0 AFTER demo,
         ADD COLUMN totp_secret varchar(200) NULL AFTER admin,
         ADD COLUMN totp_on boolean NOT NULL DEFAULT 0 AFTER totp_secret,
         ADD COLUMN totp_step bigint NULL AFTER totp_on`,
    );
    await runner.query('UPDATE person SET admin = 1 WHERE demo = 0 ORDER BY created_at LIMIT 1');
    await runner.query(
      `ALTER TABLE invitation ADD COLUMN kind varchar(16) NOT NULL DEFAULT 'account' AFTER token_hash,
         ADD COLUMN person_id char(36) NULL AFTER role,
         ADD COLUMN created_by char(36) NULL AFTER person_id,
         ADD COLUMN revoked_at datetime(3) NULL AFTER used_at,
         ADD CONSTRAINT invitation_person FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE ON UPDATE NO ACTION`,
    );
    await runner.query("UPDATE invitation SET kind = 'project' WHERE project_id IS NOT NULL");
    await runner.query('DELETE FROM session');
    await runner.query(
      `ALTER TABLE session MODIFY id char(64) NOT NULL,
         ADD COLUMN person_id char(36) NULL AFTER id,
         ADD COLUMN device varchar(160) NOT NULL DEFAULT '' AFTER data,
         ADD COLUMN address varchar(64) NOT NULL DEFAULT '' AFTER device,
         ADD COLUMN created_at datetime(3) NOT NULL DEFAULT current_timestamp(3) AFTER address,
         ADD COLUMN seen_at datetime(3) NOT NULL DEFAULT current_timestamp(3) AFTER created_at,
         ADD KEY session_person (person_id)`,
    );
    await runner.query(`CREATE TABLE recovery_code (
      person_id char(36) NOT NULL,
      code_hash char(64) NOT NULL,
      PRIMARY KEY (person_id, code_hash),
      CONSTRAINT recovery_code_person FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE sign_in_delay (
      account char(64) NOT NULL PRIMARY KEY,
      failures int NOT NULL,
      not_before datetime(3) NOT NULL,
      KEY sign_in_delay_until (not_before)
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE audit (
      id bigint unsigned NOT NULL AUTO_INCREMENT PRIMARY KEY,
      kind varchar(40) NOT NULL,
      person_id char(36) NULL,
      project_id char(36) NULL,
      subject varchar(254) NOT NULL DEFAULT '',
      address varchar(64) NOT NULL DEFAULT '',
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      KEY audit_project (project_id, id),
      KEY audit_person (person_id, id),
      KEY audit_created (created_at)
    ) ${OPTIONS}`);
    await runner.query(`CREATE TABLE letter (
      id char(36) NOT NULL PRIMARY KEY,
      recipient varchar(254) NOT NULL,
      subject varchar(200) NOT NULL,
      body text NOT NULL,
      created_at datetime(3) NOT NULL DEFAULT current_timestamp(3),
      KEY letter_created (created_at)
    ) ${OPTIONS}`);
  }

  /** One event at a time: the history of a large project need not fit into memory. */
  private async moveChanges(runner: QueryRunner): Promise<void> {
    const events = (await runner.query(
      'SELECT id, project_id AS projectId FROM event ORDER BY id',
    )) as { id: string; projectId: string }[];
    const seqs = new Map<string, number>();
    for (const { id, projectId } of events) {
      const [row] = (await runner.query('SELECT changes FROM event WHERE id = ?', [id])) as {
        changes: string;
      }[];
      const changes = JSON.parse(row!.changes) as OldChange[];
      const text = (value: unknown) =>
        value === null || value === undefined ? null : stringify(value);
      for (let at = 0; at < changes.length; at += CHUNK) {
        const part = changes.slice(at, at + CHUNK);
        await runner.query(
          `INSERT INTO event_change (event_id, position, opening_id, document, \`before\`, \`after\`) VALUES ${part.map(() => '(?, ?, ?, ?, ?, ?)').join(', ')}`,
          part.flatMap((change, index) => [
            id,
            at + index,
            'openingId' in change ? change.openingId : null,
            'document' in change ? change.document : null,
            text(change.before),
            text(change.after),
          ]),
        );
      }
      const seq = (seqs.get(projectId) ?? 0) + 1;
      seqs.set(projectId, seq);
      await runner.query('UPDATE event SET seq = ?, size = ? WHERE id = ?', [
        seq,
        changes.length,
        id,
      ]);
    }
    for (const [projectId, seq] of seqs)
      await runner.query('UPDATE project_feed SET seq = ? WHERE project_id = ?', [seq, projectId]);
  }

  /** Stored JSON with sorted keys, so that the same facts are the same text. */
  private async respell(
    runner: QueryRunner,
    table: string,
    column: string,
    keys: string[],
  ): Promise<void> {
    const rows = (await runner.query(`SELECT ${keys.join(', ')} FROM ${table}`)) as Record<
      string,
      string
    >[];
    const where = keys.map((key) => `${key} = ?`).join(' AND ');
    for (const row of rows) {
      const values = keys.map((key) => row[key]);
      const [stored] = (await runner.query(
        `SELECT ${column} AS text FROM ${table} WHERE ${where}`,
        values,
      )) as { text: string }[];
      const text = stringify(JSON.parse(stored!.text));
      if (text !== stored!.text)
        await runner.query(
          `UPDATE ${table} SET ${column} = ?${table === 'opening' ? ', updated_at = updated_at' : ''} WHERE ${where}`,
          [text, ...values],
        );
    }
  }

  /** Goes back no further: earlier versions could not read what later ones wrote. */
  down(): Promise<void> {
    return Promise.reject(new Error('Restore a backup made before the upgrade instead.'));
  }
}
