import { Column, CreateDateColumn, Entity, Index, PrimaryColumn } from 'typeorm';

/** A letter of the simulated mailbox: what would be sent. */
@Entity('letter')
export class Letter {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('varchar', { length: 254 })
  recipient: string;

  @Column('varchar', { length: 200 })
  subject: string;

  @Column('text')
  body: string;

  @Index('letter_created')
  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
