import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Texts that grow with every write and are rarely read: the database keeps them compressed, nothing else knows. */
const TEXTS = [
  ['event_change', '`before`', 'longtext', 'NULL'],
  ['event_change', '`after`', 'longtext', 'NULL'],
  ['project_release', 'inputs', 'longtext', 'NOT NULL'],
  ['project_release', 'openings', 'longtext', 'NOT NULL'],
  ['job', 'input', 'longtext', 'NOT NULL'],
] as const;

/**
 * Before and after of every change are whole facts: alike, and read only by history and undo. Compressed they take
 * about a sixth; what is read of them is the same, by servers of before, too.
 */
export class Compressed0006000000000 implements MigrationInterface {
  name = 'Compressed0006000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column, type, nothing] of TEXTS)
      await runner.query(`ALTER TABLE ${table} MODIFY ${column} ${type} COMPRESSED ${nothing}`);
    // Found across projects without touching the facts.
    await runner.query(
      'ALTER TABLE opening ADD KEY opening_found (project_id, mark, from_room, to_room)',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE opening DROP KEY opening_found');
    for (const [table, column, type, nothing] of TEXTS)
      await runner.query(`ALTER TABLE ${table} MODIFY ${column} ${type} ${nothing}`);
  }
}
