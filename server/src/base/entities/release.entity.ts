import { Column, CreateDateColumn, Entity, Index, PrimaryColumn } from 'typeorm';

/** A project as it was issued: what it was made of, what it said, and by which core. */
@Entity('project_release')
@Index('project_release_number', ['projectId', 'number'], { unique: true })
export class Release {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('int')
  number: number;

  @Column('varchar', { length: 80, default: '' })
  name: string;

  @Column('varchar', { length: 400 })
  reason: string;

  /** Who issued it, by the name they had then. */
  @Column('varchar', { name: 'person_name', length: 120 })
  personName: string;

  @Column('varchar', { name: 'core_version', length: 20 })
  coreVersion: string;

  /** Everything its documents were made from, JSON. */
  @Column('longtext', { select: false })
  inputs: string;

  /** Its openings in words, JSON. */
  @Column('longtext', { select: false })
  openings: string;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}

/** One file of a release, kept byte for byte. */
@Entity('release_file')
export class ReleaseFile {
  @PrimaryColumn('char', { name: 'release_id', length: 36 })
  releaseId: string;

  @PrimaryColumn('varchar', { length: 80 })
  name: string;

  @Column('varchar', { length: 100 })
  type: string;

  @Column('char', { length: 64 })
  sha256: string;

  @Column('int')
  size: number;

  @Column('longblob', { select: false })
  bytes: Buffer;
}

/** A link by which somebody without an account reads one release. */
@Entity('release_share')
@Index('release_share_token', ['tokenHash'], { unique: true })
@Index('release_share_release', ['releaseId'])
export class ReleaseShare {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('char', { name: 'release_id', length: 36 })
  releaseId: string;

  @Column('char', { name: 'token_hash', length: 64 })
  tokenHash: string;

  @Column('char', { name: 'created_by', length: 36, nullable: true })
  createdBy: string | null;

  @Column('datetime', { name: 'expires_at', precision: 3 })
  expiresAt: Date;

  @Column('datetime', { name: 'revoked_at', precision: 3, nullable: true })
  revokedAt: Date | null;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
