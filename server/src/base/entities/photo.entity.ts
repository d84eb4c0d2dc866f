import { Column, CreateDateColumn, Entity, Index, PrimaryColumn } from 'typeorm';

/** A photograph of an opening, as it was sent. */
@Entity('photo')
@Index('photo_opening', ['openingId'])
export class Photo {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('char', { name: 'opening_id', length: 36 })
  openingId: string;

  @Column('char', { name: 'person_id', length: 36 })
  personId: string;

  @Column('varchar', { length: 200, default: '' })
  caption: string;

  @Column('varchar', { length: 20 })
  type: string;

  @Column('int')
  width: number;

  @Column('int')
  height: number;

  @Column('mediumblob', { select: false })
  bytes: Buffer;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
