import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** From most to least allowed. */
export const ROLES = ['owner', 'editor', 'reviewer', 'reader'] as const;
export type Role = (typeof ROLES)[number];

/** Whether a role may do what another may. */
export function atLeast(role: Role, needed: Role): boolean {
  return ROLES.indexOf(role) <= ROLES.indexOf(needed);
}

/** Who may do what in a project. */
@Entity('membership')
export class Membership {
  @PrimaryColumn('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Index('membership_person')
  @PrimaryColumn('char', { name: 'person_id', length: 36 })
  personId: string;

  @Column('varchar', { length: 16 })
  role: Role;
}
