import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** Somebody who signs in. */
@Entity('person')
export class Person {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('varchar', { length: 120 })
  name: string;

  @Column('varchar', { length: 254, unique: true })
  email: string;

  /** argon2id. */
  @Column('varchar', { name: 'password_hash', length: 200 })
  passwordHash: string;

  /** Demo people sign in with one click, in the demo only. */
  @Column('boolean', { default: false })
  demo: boolean;

  /** Looks after the installation: people, audit log, mailbox. */
  @Column('boolean', { default: false })
  admin: boolean;

  /** The second factor's secret, encrypted; in force only while `totpOn`. */
  @Column('varchar', { name: 'totp_secret', length: 200, nullable: true })
  totpSecret: string | null;

  @Column('boolean', { name: 'totp_on', default: false })
  totpOn: boolean;

  /** The time step of the last code taken, so that none works twice. */
  @Column('bigint', { name: 'totp_step', nullable: true })
  totpStep: string | null;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
