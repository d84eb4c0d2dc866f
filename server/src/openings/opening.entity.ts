import { Column, CreateDateColumn, Entity, Index, PrimaryColumn, UpdateDateColumn } from 'typeorm';
import type { OpeningFacts } from '@riegel/core';

/** One opening: its facts, and what of them is listed, sorted or searched, in columns of its own. */
@Entity('opening')
@Index('opening_project_mark', ['projectId', 'mark'])
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

  @Column('json')
  facts: OpeningFacts;

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

/** The listed columns of facts. */
export function listedColumns(facts: OpeningFacts) {
  return {
    mark: facts.mark,
    kind: facts.kind,
    fromRoom: facts.from ?? '',
    toRoom: facts.to ?? '',
    storey: facts.storey ?? '',
  };
}
