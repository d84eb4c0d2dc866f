import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** How often somebody failed to sign in to an account (which need not exist), and until when it waits. */
@Entity('sign_in_delay')
export class SignInDelay {
  /** SHA-256 of the address, lower case. */
  @PrimaryColumn('char', { length: 64 })
  account: string;

  @Column('int')
  failures: number;

  @Index('sign_in_delay_until')
  @Column('datetime', { name: 'not_before', precision: 3 })
  notBefore: Date;
}
