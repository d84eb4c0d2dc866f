import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Texts that grow with every write and are rarely read: the database keeps them compressed, nothing else knows. */
const TEXTS = ['`before`', '`after`'];

/**
 * Before and after of every change are whole facts, and read only by history and undo. Compressed they take less
 * room; what is read of them is the same, by servers of before, too.
 */
export class Compressed0006000000000 implements MigrationInterface {
  name = 'Compressed0006000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const column of TEXTS)
      await runner.query(`ALTER TABLE event_change MODIFY ${column} longtext COMPRESSED NULL`);
    // Found across projects without touching the facts.
    await runner.query(
      'ALTER TABLE opening ADD KEY opening_found (project_id, mark, from_room, to_room)',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE opening DROP KEY opening_found');
    for (const column of TEXTS)
      await runner.query(`ALTER TABLE event_change MODIFY ${column} longtext NULL`);
  }
}
