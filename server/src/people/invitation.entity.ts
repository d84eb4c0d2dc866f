import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';
import type { Role } from '../projects/membership.entity.js';

/** A one-time link: the very first person's, or somebody's way into a project. */
@Entity('invitation')
export class Invitation {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  /** SHA-256 of the token in the link; the token itself is never kept. */
  @Column('char', { name: 'token_hash', length: 64, unique: true })
  tokenHash: string;

  @Column('char', { name: 'project_id', length: 36, nullable: true })
  projectId: string | null;

  @Column('varchar', { length: 16, nullable: true })
  role: Role | null;

  @Column('datetime', { name: 'expires_at', precision: 3 })
  expiresAt: Date;

  @Column('datetime', { name: 'used_at', precision: 3, nullable: true })
  usedAt: Date | null;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
