import { Column, CreateDateColumn, Entity, Index, PrimaryColumn } from 'typeorm';

/** One record of the work on site; only ever added. Its body is what the device wrote. */
@Entity('site_record')
@Index('site_record_feed', ['projectId', 'seq', 'id'])
@Index('site_record_opening', ['openingId'])
@Index('site_record_kind', ['projectId', 'kind', 'words'])
export class SiteRecordRow {
  @PrimaryColumn('varchar', { length: 40 })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('char', { name: 'opening_id', length: 36 })
  openingId: string;

  @Column('varchar', { length: 12 })
  kind: string;

  @Column('char', { name: 'person_id', length: 36 })
  personId: string;

  /** By the clock of the device. */
  @Column('datetime', { precision: 3 })
  at: Date;

  /** Its place in the project's feed: records are fetched from where one stopped. */
  @Column('bigint', { unsigned: true })
  seq: string;

  /** What of it is searched for across projects: what stands there. */
  @Column('varchar', { length: 500, default: '' })
  words: string;

  @Column('mediumtext')
  body: string;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}

/** When an opening is to be looked at again, by the last round that was signed. */
@Entity('site_due')
@Index('site_due_project', ['projectId', 'due'])
export class SiteDue {
  @PrimaryColumn('char', { name: 'opening_id', length: 36 })
  openingId: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('date', { nullable: true })
  due: string | null;

  @Column('datetime', { precision: 3 })
  at: Date;
}
