import { Column, Entity, PrimaryColumn } from 'typeorm';

/**
 * The number of a project's newest event. A table of its own: inserting anything that refers to a project
 * holds a shared lock on the project's row, and two writers who both then counted there would wait for
 * each other.
 */
@Entity('project_feed')
export class ProjectFeed {
  @PrimaryColumn('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('bigint', { unsigned: true, default: 0 })
  seq: string;
}

/** Facts about this installation's database itself. */
@Entity('installation')
export class InstallationFact {
  @PrimaryColumn('varchar', { length: 40 })
  name: string;

  @Column('varchar', { length: 200 })
  value: string;
}
