import { Entity, PrimaryColumn } from 'typeorm';

/** A code that stands in once for the second factor; kept as a SHA-256 hash, deleted when used. */
@Entity('recovery_code')
export class RecoveryCode {
  @PrimaryColumn('char', { name: 'person_id', length: 36 })
  personId: string;

  @PrimaryColumn('char', { name: 'code_hash', length: 64 })
  codeHash: string;
}
