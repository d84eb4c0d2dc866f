import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A building's or job's openings, in one practice. */
@Entity('project')
export class Project {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('varchar', { length: 120 })
  name: string;

  @Column('varchar', { length: 32 })
  practice: string;

  @Column('text')
  note: string;

  /** Guards every write of the project itself. */
  @Column('int', { default: 1 })
  version: number;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
