import { Column, CreateDateColumn, Entity, Index, PrimaryColumn, UpdateDateColumn } from 'typeorm';

/** One opening: its facts, and what of them is listed, sorted or searched, in columns of its own. */
@Entity('opening')
@Index('opening_project_mark', ['projectId', 'mark'])
@Index('opening_found', ['projectId', 'mark', 'fromRoom', 'toRoom'])
@Index('opening_order', ['projectId', 'createdAt', 'id'])
export class Opening {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('varchar', { length: 40 })
  mark: string;

  @Column('varchar', { length: 20 })
  kind: string;

  @Column('varchar', { name: 'from_room', length: 80, default: '' })
  fromRoom: string;

  @Column('varchar', { name: 'to_room', length: 80, default: '' })
  toRoom: string;

  @Column('varchar', { length: 40, default: '' })
  storey: string;

  /** JSON with sorted keys; read and written as text (`openingText.ts`), never through this entity. */
  @Column('json')
  facts: unknown;

  /** Raised by every write; a write that names another version is stale. */
  @Column('int', { default: 1 })
  version: number;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;

  @UpdateDateColumn({
    name: 'updated_at',
    precision: 3,
    default: () => 'CURRENT_TIMESTAMP(3)',
    onUpdate: 'CURRENT_TIMESTAMP(3)',
  })
  updatedAt: Date;
}
