import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A signed-in browser. */
@Entity('session')
export class SessionRow {
  /** SHA-256 of the session's id; the id itself is in the browser only. */
  @PrimaryColumn('char', { length: 64 })
  id: string;

  @Index('session_person')
  @Column('char', { name: 'person_id', length: 36, nullable: true })
  personId: string | null;

  @Column('text')
  data: string;

  /** What the browser calls itself, shortened. */
  @Column('varchar', { length: 160, default: '' })
  device: string;

  @Column('varchar', { length: 64, default: '' })
  address: string;

  @Column('datetime', { name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;

  @Column('datetime', { name: 'seen_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  seenAt: Date;

  @Index('session_expires')
  @Column('datetime', { name: 'expires_at', precision: 3 })
  expiresAt: Date;
}
