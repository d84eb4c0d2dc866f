import { Column, CreateDateColumn, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';

export const AUDIT_KINDS = [
  'sign-in',
  'sign-in-refused',
  'second-refused',
  'sign-out',
  'password-changed',
  'password-reset',
  'reset-asked',
  'second-on',
  'second-off',
  'recovery-used',
  'sessions-ended',
  'account-made',
  'invited',
  'invitation-revoked',
  'joined',
  'role-changed',
  'taken-out',
  'left',
  'administrator-changed',
  'refused',
  'limited',
] as const;
export type AuditKind = (typeof AUDIT_KINDS)[number];

/** One line of the audit log. */
@Entity('audit')
@Index('audit_project', ['projectId', 'id'])
@Index('audit_person', ['personId', 'id'])
@Index('audit_created', ['createdAt'])
export class AuditRow {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  id: string;

  @Column('varchar', { length: 40 })
  kind: AuditKind;

  /** Who did it, where that is known. */
  @Column('char', { name: 'person_id', length: 36, nullable: true })
  personId: string | null;

  @Column('char', { name: 'project_id', length: 36, nullable: true })
  projectId: string | null;

  /** Whom or what it concerned: an address, a role, a request. Never a password or a token. */
  @Column('varchar', { length: 254, default: '' })
  subject: string;

  /** Where the request came from. */
  @Column('varchar', { length: 64, default: '' })
  address: string;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
