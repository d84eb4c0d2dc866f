import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A signed-in browser. */
@Entity('session')
export class SessionRow {
  @PrimaryColumn('varchar', { length: 64 })
  id: string;

  @Column('text')
  data: string;

  @Index('session_expires')
  @Column('datetime', { name: 'expires_at', precision: 3 })
  expiresAt: Date;
}
