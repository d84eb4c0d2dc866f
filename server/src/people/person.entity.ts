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

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
