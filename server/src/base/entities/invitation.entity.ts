import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';
import type { Role } from './membership.entity.js';

/** What a one-time link does: makes an account, lets into a project, or sets a new password. */
export type InvitationKind = 'account' | 'project' | 'reset';

/** A one-time link. */
@Entity('invitation')
export class Invitation {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  /** SHA-256 of the token in the link; the token itself is never kept. */
  @Column('char', { name: 'token_hash', length: 64, unique: true })
  tokenHash: string;

  @Column('varchar', { length: 16, default: 'account' })
  kind: InvitationKind;

  @Column('char', { name: 'project_id', length: 36, nullable: true })
  projectId: string | null;

  @Column('varchar', { length: 16, nullable: true })
  role: Role | null;

  /** Whose password a reset sets. */
  @Column('char', { name: 'person_id', length: 36, nullable: true })
  personId: string | null;

  @Column('char', { name: 'created_by', length: 36, nullable: true })
  createdBy: string | null;

  @Column('datetime', { name: 'expires_at', precision: 3 })
  expiresAt: Date;

  @Column('datetime', { name: 'used_at', precision: 3, nullable: true })
  usedAt: Date | null;

  @Column('datetime', { name: 'revoked_at', precision: 3, nullable: true })
  revokedAt: Date | null;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
